import { GLASS_NAMES, type GlassKind } from "../specify/glass.ts";
import { type Makeup, makeupText } from "../specify/makeup.ts";
import { PANEL_MAKE_NAMES, type Panel, panelThickness } from "../specify/panel.ts";
import { type LineWhole, wholeText } from "../specify/whole.ts";
import { writeNumber } from "../tape/write.ts";
import { exactIn, exactly } from "../text/exact.ts";
import { isInchMake, makeText } from "../units/inch-make.ts";
import { type LengthUnit, type Mm, nm } from "../units/length.ts";
import { type Dialect, say } from "./dialect.ts";
import { inUnit, metric } from "./in-unit.ts";

/**
 * What is ordered, in the words of an order: its thickness as it is made where that is in inches, else in the reader's unit,
 * and in millimetres beside it for a cutter who works in them.
 * @example glassText({ thicknessNm: mm(4), glass: "float" }, { dialect: "a", unit: "mm" }) // "4 mm clear float"
 * @example for a reader in inches // "5/32 in clear float"; on a metric cutter's order "5/32 in (4 mm) clear float"
 * @example a unit of 1/8 sheets // "5/8 in sealed unit, 1/8 - 3/8 - 1/8, warm edge, black"
 * @example that on a metric cutter's order // "5/8 in (15.9 mm: 3.2 - 9.5 - 3.2) sealed unit, 1/8 - 3/8 - 1/8, …"
 */
export function glassText(
  pane: {
    readonly thicknessNm: number;
    readonly glass: GlassKind;
    readonly makeup?: Makeup | null | undefined;
    readonly whole?: LineWhole | undefined;
  },
  {
    dialect,
    unit,
    cutter = unit,
  }: { readonly dialect: Dialect; readonly unit: LengthUnit; readonly cutter?: LengthUnit },
): string {
  if (pane.whole) return wholeText(pane.whole);
  const thick = `${thicknessText(pane.thicknessNm, unit, cutter)}${besideIn(pane, cutter)}`;
  return say(
    pane.makeup ? `${thick} {unit}, ${makeupText(pane.makeup)}` : `${thick} ${GLASS_NAMES[pane.glass]}`,
    dialect,
  );
}

/** Millimetres of what is made in inches, for a cutter who stocks metric sheets: he says what of his comes nearest. */
function besideIn(
  { thicknessNm, makeup }: Pick<Parameters<typeof glassText>[0], "thicknessNm" | "makeup">,
  cutter: LengthUnit,
) {
  if (cutter !== "mm" || !isInchMake(thicknessNm / 1e6)) return "";
  const tenth = (length: Mm): string => length.toFixed(1);
  const layers = makeup?.panes.flatMap((p, i) => [p.mm, makeup.cavities[i]?.mm ?? 0]).slice(0, -1) ?? [];
  const each = layers.length > 0 ? `: ${layers.map(tenth).join(" - ")}` : "";
  return ` (${metric(`${tenth(thicknessNm / 1e6)} mm${each}`)})`;
}

/** A solid panel as it is said. @example two sheets of 4 with the texture between them // "8 mm solid panel, two thin, texture between them" */
export const panelText = (p: Panel, unit: LengthUnit): string =>
  `${thicknessText(panelThickness(p) * 1e6, unit)} solid panel, ${PANEL_MAKE_NAMES[p.make]}`;

/** A sheet goes by the name its thickness has in the trade (12 mm is a half inch); what is thicker is a unit, and is told as a caliper reads it. */
const THICKEST_SHEET_MM = 12;

/**
 * A thickness of glass as it is said.
 * @example thicknessText(4_000_000, "in") // "5/32 in"
 * @example thicknessText(24_000_000, "in") // "15/16 in", a unit
 * @example thicknessText(15_875_000, "mm") // "5/8 in", made so
 */
export function thicknessText(thicknessNm: number, unit: LengthUnit, cutter: LengthUnit = unit): string {
  const mm = thicknessNm / 1e6;
  if (isInchMake(mm)) return `${makeText(mm)} in`;
  const inMm = `${writeNumber(nm(thicknessNm), "mm")} mm`;
  if (unit === "mm") return inMm;
  const inInches = mm > THICKEST_SHEET_MM ? exactIn(exactly(mm), unit) : inUnit(inMm, unit);
  return cutter === "mm" ? `${inInches} (${metric(inMm)})` : inInches;
}

/**
 * A sheet as it lies in the rack: thickness, tint, kind and pattern.
 * @example 4 mm patterned, reeded, bronze // "4 mm bronze patterned, reeded"
 */
export function sheetText(
  line: {
    readonly thicknessNm: number;
    readonly glass: GlassKind;
    readonly pattern?: string | undefined;
    readonly tint?: string | undefined;
  },
  { dialect, unit }: { readonly dialect: Dialect; readonly unit: LengthUnit },
): string {
  const sheet = [thicknessText(line.thicknessNm, unit), line.tint, say(GLASS_NAMES[line.glass], dialect)];
  return [sheet.filter(Boolean).join(" "), line.pattern].filter(Boolean).join(", ");
}
