import { LINE_STATE_FACTS, type LineState } from "../order/line-state.ts";
import type { Result } from "../result.ts";
import type { Cut, CutError } from "../size/cut.ts";
import type { Glass, GlassKind } from "../specify/glass.ts";
import { readTape } from "../tape/read.ts";
import type { Written } from "../tape/written.ts";
import { floorTo, type Nm, nm } from "../units/length.ts";
import type { PaneBook } from "./book.ts";
import type { OrderLine } from "./order-book.ts";

/** A pane is worked out, then ordered, then accepted at check-in, then set: what stands now. */
export const STANDS_AS = ["worked-out", "ordered", "accepted", "set"] as const;
export type StandsAs = (typeof STANDS_AS)[number];

export type Stands = {
  readonly as: StandsAs;
  /** The pane's own size as it stands; null while it is only worked out. */
  readonly size: { readonly width: Nm; readonly height: Nm } | null;
  /** As it was measured when it came, where that was read; else as it was ordered. */
  readonly thickness: Nm | null;
  /** What glass it is, where somebody said it of glass that was had without an order. */
  readonly kind: GlassKind | null;
  /** The line it stands on. */
  readonly line: OrderLine | null;
};

const WORKED_OUT: Stands = { as: "worked-out", size: null, thickness: null, kind: null, line: null };

/**
 * Which pane this is now, and the only place that says so. What was sent back, or was never ordered, is worked out anew from
 * the readings; from the moment it stands on an order it is the pane ordered; once accepted, the pane that came.
 * @example ordered 545 × 1193, accepted as 544.5 × 1193 // accepted, 544.5 × 1193
 */
export function standsOf(book: Pick<PaneBook, "line" | "set" | "had">): Stands {
  const had = hadStands(book);
  if (had) return had;
  const line = book.line?.line ?? null;
  if (line === null) return book.set ? { ...WORKED_OUT, as: "set" } : WORKED_OUT;
  const { stands } = LINE_STATE_FACTS[line.state];
  if (stands === null) return WORKED_OUT;
  const came = stands === "accepted" ? line.check?.payload : undefined;
  return {
    as: book.set ? "set" : stands,
    size: { width: readOr(came?.width, line.widthNm), height: readOr(came?.height, line.heightNm) },
    thickness: readOr(came?.thickness, line.thicknessNm),
    kind: null,
    line,
  };
}

/** Glass that is here already stands as accepted, as it was measured: an order that came after it counts instead. */
function hadStands(book: Pick<PaneBook, "line" | "set" | "had">): Stands | null {
  const { had } = book;
  if (had === null || isUnderWay(book.line?.line.state)) return null;
  const [width, height] = [readTape(had.width.text, had.width.unit), readTape(had.height.text, had.height.unit)];
  if (!width.ok || !height.ok) return null;
  const thick = had.thickness ? readTape(had.thickness.text, had.thickness.unit) : null;
  return {
    as: book.set ? "set" : "accepted",
    size: { width: width.value.adjusted, height: height.value.adjusted },
    thickness: thick?.ok ? thick.value.adjusted : null,
    kind: had.glass ?? null,
    line: null,
  };
}

/** A line that is on order, come or accepted: it, and nothing else, is what goes in. */
const isUnderWay = (state: LineState | undefined): boolean =>
  state !== undefined && LINE_STATE_FACTS[state].stands !== null;

/** It is ordered, come or set: its size is a fact, and nobody can have it rounded down any more. */
export const isMade = (stands: Stands): boolean => stands.as !== "worked-out" && stands.line?.state !== "open";

/** The glass is here and passed: checked in, or had without an order. */
export const isHere = (book: Pick<PaneBook, "line" | "set" | "had">): boolean => standsOf(book).as === "accepted";

/** What stands, here or set already, was had without an order. */
export function wasHad(book: Pick<PaneBook, "line" | "set" | "had">): boolean {
  const { line, size } = standsOf(book);
  return book.had !== null && line === null && size !== null;
}

/** A length as measured, or as it was ordered where that cannot be read. */
function readOr(came: Written | undefined, ordered: number): Nm {
  const read = came ? readTape(came.text, came.unit) : null;
  return read?.ok && read.value.adjusted > 0 ? read.value.adjusted : nm(ordered);
}

/** What is worked out now beside what stands on the order. */
export type Moved = {
  readonly stands: { readonly width: Nm; readonly height: Nm };
  readonly now: { readonly width: Nm; readonly height: Nm };
  /** Worked out now less what was ordered: less than nothing, and there is less room. */
  readonly by: { readonly width: number; readonly height: number };
};

/**
 * Whether readings or choices have moved since it was ordered. Rounding that the order itself did, down to the supplier's grid,
 * is no difference.
 * @example ordered 542.925 (on 1/16 in), worked out 544 // null
 */
export function movedSince(
  line: OrderLine | null,
  worked: { readonly width: Nm; readonly height: Nm } | null,
): Moved | null {
  if (!line || !worked) return null;
  const ordered = { width: nm(line.widthNm), height: nm(line.heightNm) };
  // Nor is what was left off because theirs come larger.
  const asked = line.theirsLargerNm ?? { width: 0, height: 0 };
  const same = (a: number, b: Nm): boolean => a === b || floorTo(b, line.grid) === a;
  if (same(ordered.width + asked.width, worked.width) && same(ordered.height + asked.height, worked.height))
    return null;
  return {
    stands: ordered,
    now: worked,
    by: {
      width: worked.width - ordered.width - asked.width,
      height: worked.height - ordered.height - asked.height,
    },
  };
}

/** The pane that stands is no size somebody put in the place of the sum, unless somebody did. */
export const asStands = (cut: Result<Cut, CutError>, book: PaneBook): Result<Cut, CutError> =>
  cut.ok ? { ok: true, value: { ...cut.value, overruled: book.overrule !== null } } : cut;

/** The glass as it stands on its order, or as it was chosen where there is no order; as thick as it came. */
export function glassThatStands({ line, thickness, kind }: Stands, chosen: Glass): Glass {
  const glass = line
    ? { kind: line.glass, thickness: nm(line.thicknessNm), edges: line.edges, pattern: line.pattern || undefined }
    : { ...chosen, kind: kind ?? chosen.kind };
  return thickness === null ? glass : { ...glass, thickness };
}
