import type { GlassKind } from "../core/specify/glass.ts";
import { mm } from "../core/units/length.ts";
import type { Story } from "./story.ts";
import type { ToldPane } from "./told-pane.ts";

export const SALT_LANE = "Salt Lane Glass Counter";
export const FEN_END = "Fen End Sealed Units";

export function tellSuppliers(story: Story): void {
  story.tell(
    "supplier.added",
    {},
    { name: SALT_LANE, cuts: "float, patterned, laminated; cut while you wait", unit: "mm", leadDays: 1 },
  );
  story.tell("supplier.added", {}, { name: FEN_END, cuts: "sealed units, toughened", unit: "mm", leadDays: 8 });
}

export type Line = {
  readonly pane: ToldPane;
  readonly label: string;
  readonly size: readonly [number, number];
  readonly thickness?: number;
  readonly glass?: GlassKind;
};

/** Opens an order and puts its lines on it; answers with the order's id and the lines' ids. */
export function openOrder(story: Story, supplier: string, reference: string, lines: readonly Line[]) {
  const order = story.id();
  story.tell("order.opened", { order }, { supplier, reference });
  const ids = lines.map((l) => {
    const line = story.id();
    story.tell(
      "order.line",
      { order, pane: l.pane.id },
      {
        line,
        widthNm: mm(l.size[0]),
        heightNm: mm(l.size[1]),
        thicknessNm: mm(l.thickness ?? 4),
        glass: l.glass ?? "float",
        edges: "arrissed",
        pattern: "",
        label: l.label,
        grid: "1 mm",
      },
    );
    return line;
  });
  return { order, lines: ids };
}
