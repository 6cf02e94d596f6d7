import type { Mm } from "../units/length.ts";
/** A sheet of labels as it is sold, or a roll of single ones; mm, from the top left of the page. */
export type LabelSheet = {
  readonly name: string;
  /** The page: A4, or one label of a roll. */
  readonly page: { readonly width: Mm; readonly height: Mm };
  readonly across: number;
  readonly down: number;
  readonly label: { readonly width: Mm; readonly height: Mm };
  /** Where the first label begins, and how far apart two stand. */
  readonly from: { readonly x: number; readonly y: number };
  readonly step: { readonly x: number; readonly y: number };
};

const A4 = { width: 210, height: 297 };

/** Common sheets by how many stand on them. Source: the sizes printed on their packets. */
export const LABEL_SHEETS = {
  "14": {
    name: "A4, 14 labels of 99 × 38 mm",
    page: A4,
    across: 2,
    down: 7,
    label: { width: 99.1, height: 38.1 },
    from: { x: 4.65, y: 15.15 },
    step: { x: 101.6, y: 38.1 },
  },
  "24": {
    name: "A4, 24 labels of 70 × 37 mm",
    page: A4,
    across: 3,
    down: 8,
    label: { width: 70, height: 37 },
    from: { x: 0, y: 0.5 },
    step: { x: 70, y: 37 },
  },
  "8": {
    name: "A4, 8 labels of 105 × 74 mm",
    page: A4,
    across: 2,
    down: 4,
    label: { width: 105, height: 74 },
    from: { x: 0, y: 0.5 },
    step: { x: 105, y: 74 },
  },
  roll: {
    name: "a roll, 100 × 50 mm each",
    page: { width: 100, height: 50 },
    across: 1,
    down: 1,
    label: { width: 100, height: 50 },
    from: { x: 0, y: 0 },
    step: { x: 100, y: 50 },
  },
} as const satisfies Readonly<Record<string, LabelSheet>>;
export type LabelSheetId = keyof typeof LABEL_SHEETS;
export const isLabelSheet = (id: string): id is LabelSheetId => Object.hasOwn(LABEL_SHEETS, id);
export const LABEL_SHEET_IDS = Object.keys(LABEL_SHEETS) as readonly LabelSheetId[];

/**
 * Where the labels of an order stand: page and place of each, from the first free one of a sheet that was begun.
 * @example places(LABEL_SHEETS["14"], 2, 13) // the last of page 0, the first of page 1
 */
export function labelPlaces(
  sheet: LabelSheet,
  count: number,
  used = 0,
): readonly { readonly page: number; readonly x: number; readonly y: number }[] {
  const each = sheet.across * sheet.down;
  return Array.from({ length: count }, (_, i) => {
    const at = i + Math.min(Math.max(0, Math.floor(used)), each - 1);
    const on = at % each;
    return {
      page: Math.floor(at / each),
      x: sheet.from.x + (on % sheet.across) * sheet.step.x,
      y: sheet.from.y + Math.floor(on / sheet.across) * sheet.step.y,
    };
  });
}
