import type { System } from "../frame/systems.ts";
import type { RemakeWhy } from "../learn/remake.ts";
import type { Cause } from "../look/damage.ts";
import type { PaneBook } from "../pane/book.ts";
import type { Carried } from "../pane/carried.ts";
import type { Reckoning } from "../pane/reckoning.ts";
import type { Template } from "../text/template.ts";
import type { Nm } from "../units/length.ts";
import { fittedText } from "../words/fitted.ts";
import type { Prefs } from "../words/prefs.ts";

/** One repair of an opening, as it is looked up years later. */
export type Repair = {
  readonly pane: string;
  readonly round: string;
  readonly day: string;
  /** Set, signed off, or still under way. */
  readonly state: "signed" | "set" | "open";
  readonly cause: Cause | null;
  readonly fitted: string;
  readonly size: { readonly width: Nm; readonly height: Nm } | null;
  readonly setIn: Template | null;
  /** Beads in the order in which they came out; empty where nobody said how they meet. */
  readonly beads: readonly string[];
  readonly packers: number;
  readonly materials: readonly string[];
  readonly photos: readonly string[];
  readonly notes: readonly string[];
  readonly who: readonly string[];
  readonly back: RemakeWhy | null;
};

export type Neighbour = {
  readonly pane: string;
  readonly where: string;
  readonly system: System;
  readonly cause: Cause | null;
  readonly repairs: number;
  readonly alike: boolean;
};

export type WindowPageData = {
  readonly address: string;
  readonly opening: string;
  readonly light: string;
  readonly system: System;
  readonly side: "inside" | "outside";
  /** Nobody said how the glass is held: what is copied from it says so too. */
  readonly unsaid?: true;
  /** The newest first. */
  readonly repairs: readonly Repair[];
  /** What a new break begins with: the answers about its frame. */
  readonly carried: readonly Carried[];
  readonly neighbours: readonly Neighbour[];
  readonly rounds: readonly { readonly id: string; readonly name: string }[];
  /** A repair of it is under way already. */
  readonly underWay: string | null;
};

/** So many notes of a repair are worth reading years later. */
const MOST_NOTES = 4;

/** What one pane's book says of a repair. */
export function repairOf(
  book: PaneBook,
  r: Reckoning,
  repair: { readonly round: string; readonly beadsOut: readonly string[]; readonly prefs: Prefs },
): Repair {
  const own = book.log.standing.filter((e) => e.about.pane === book.id);
  const size = r.cut.ok ? r.cut.value.glass : null;
  const [back] = [...book.remakes.values()];
  return {
    pane: book.id,
    round: repair.round,
    day: book.signed?.day ?? book.set?.day ?? (own[0]?.at ?? "").slice(0, 10),
    state: book.signed ? "signed" : book.set ? "set" : "open",
    cause: book.cause,
    fitted: fittedText(book, r, repair.prefs),
    size: size && (r.stands.size ?? size),
    setIn: book.set ? r.compound.name : null,
    beads: repair.beadsOut,
    packers: book.before.map.filter((i) => i.thing === "packer").length,
    materials: book.materials.map((m) => (m.batch ? `${m.what}, batch ${m.batch}` : m.what)),
    photos: book.before.photos.map((p) => p.photo),
    notes: book.notes.slice(-MOST_NOTES).map((n) => n.payload.text),
    who: [...new Set(own.map((e) => e.who))],
    back: back?.why ?? null,
  };
}
