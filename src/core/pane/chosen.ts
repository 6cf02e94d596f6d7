import type { HouseRules } from "../house/rules.ts";
import { OPENING } from "../measure/places.ts";
import type { Glass } from "../specify/glass.ts";
import { makeupIsSafe, makeupOverall } from "../specify/makeup.ts";
import { panelThickness } from "../specify/panel.ts";
import { readTape } from "../tape/read.ts";
import { type LengthUnit, mm, type Nm } from "../units/length.ts";
import type { PaneBook } from "./book.ts";

/**
 * The unit of the tape that read the opening: that of most readings. It chooses the cutter's grid, so that a reader who
 * looks at the pane in the other unit orders the same glass.
 */
export function tapeUnit(book: Pick<PaneBook, "readings">): LengthUnit {
  const units = OPENING.flatMap((p) => {
    const read = book.readings[p]?.read;
    return read?.ok ? [read.value.unit] : [];
  });
  return units.filter((u) => u === "in").length * 2 > units.length ? "in" : "mm";
}

/** The glass as it was chosen: a unit, a single pane, or what the house takes until somebody says. */
export function glassOf(book: PaneBook, house: HouseRules): Glass {
  const chosen = book.glass;
  if (book.makeup)
    return {
      kind: makeupIsSafe(book.makeup) ? (book.makeup.panes[0]?.kind ?? "float") : "float",
      thickness: mm(makeupOverall(book.makeup)),
      edges: chosen?.edges ?? "arrissed",
      pattern: chosen?.pattern || undefined,
    };
  if (!chosen)
    return {
      kind: "float",
      thickness: mm(book.panel ? panelThickness(book.panel) : house.glassMm),
      edges: "arrissed",
    };
  return {
    kind: chosen.kind,
    thickness: book.panel ? mm(panelThickness(book.panel)) : (exactOf(chosen.thickness) ?? mm(house.glassMm)),
    edges: chosen.edges,
    pattern: chosen.pattern || undefined,
  };
}

/** A size that a person put in the place of the sum. */
export function overruleOf(book: PaneBook): { readonly width: Nm; readonly height: Nm } | undefined {
  const width = book.overrule && exactOf(book.overrule.width);
  const height = book.overrule && exactOf(book.overrule.height);
  return width && height ? { width, height } : undefined;
}

/** A length as written, exactly; undefined where it cannot be read. */
export function exactOf(written: { readonly text: string; readonly unit: LengthUnit }): Nm | undefined {
  const read = readTape(written.text, written.unit);
  return read.ok ? read.value.adjusted : undefined;
}
