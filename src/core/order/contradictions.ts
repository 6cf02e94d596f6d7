import type { Station } from "../plan/stations.ts";
import type { Template } from "../text/template.ts";
import { mm, type Nm } from "../units/length.ts";
import { plainName } from "../window/opening-key.ts";

/** As one says it: whole hundredths. */
const percent = (share: number): string => `${Math.round(100 * share)}%`;

/** What of a pane must hold together before it goes on an order. Sizes in nm. */
export type BeforeOrderFacts = {
  readonly glass: { readonly width: Nm; readonly height: Nm } | null;
  /** The opening's governing sizes; null where nothing of it was read. */
  readonly opening: { readonly width: Nm; readonly height: Nm } | null;
  readonly leastGap: Nm;
  /** It was called square by eye. */
  readonly squareByEye: boolean;
  /** Copied from the old unit, or an insert: nothing is taken off, and it may be larger than what was read. */
  readonly copied: boolean;
  /** How thick each packer of the pane that is copied was; null where none was read. */
  readonly packed: Nm | null;
  /** The order states the opening, and the cutter takes the allowance off. */
  readonly statesOpening: boolean;
  readonly overruled: boolean;
  readonly toughened: boolean;
  /** Something is still to be cut: an easing, or a stock pane cut down. */
  readonly cutToCome: boolean;
  /** Chances of trouble that are over what the house lets stand; null where they are not. */
  readonly risk: { readonly binds: number; readonly coverLost: number | null } | null;
  /** How much thicker a unit is than the one that was read, in words; null where they agree or it was not read. */
  readonly thickness: Template | null;
  /** What stays of a sash that is routed for a unit, in words; null where it is enough. */
  readonly timber: Template | null;
  readonly barsFault: string | null;
  /** Other panes of the round that are on an order, or sized. */
  readonly others: readonly {
    readonly label: string;
    readonly width: Nm;
    readonly height: Nm;
    readonly unfinished?: boolean | undefined;
  }[];
  /** Where this one is, as it is written on its label. */
  readonly label: string;
  /** What a cutter would still have to ask. */
  readonly unknown: readonly { readonly id: string; readonly says: string; readonly station: Station }[];
};

export type Contradiction = {
  readonly id: string;
  readonly says: Template;
  /** Where it is settled. */
  readonly at: Station;
};

/** Nobody calls an opening square whose sides differ by more. Source: trade practice. */
const SQUARE_BY_EYE = 0.15;

/** No pane stands on packers so thick. Source: trade practice. */
const THICKEST_PACKER = mm(20);
/** No pane is so much smaller than its opening, both sides together: it would fall through any rebate. */
const FALLS_THROUGH = mm(80);

/**
 * Blanks and contradictions that hold a pane off its order, each said once with what to do. Any of them can be stood by,
 * with a word why.
 * @example 600 × 600 // "width and height are the same figure"
 */
export function contradictionsOf(f: BeforeOrderFacts): readonly Contradiction[] {
  const out: Contradiction[] = [];
  const add = (when: boolean, id: string, says: Template, at: Contradiction["at"] = "measure") => {
    if (when) out.push({ id, says, at });
  };
  const { glass, opening } = f;
  const same = f.others.find((o) => o.unfinished === true && plainName(o.label) === plainName(f.label));
  add(
    same !== undefined,
    "same-opening",
    `${same?.label ?? ""} stands on this round twice, and the other is on an order already: two would be made for one opening. Strike one of them, or say why there are two.`,
    "look",
  );
  if (glass) {
    add(
      glass.width === glass.height,
      "square",
      "Width and height are the same figure: one may have been said twice. Read both again, or say that it is square.",
    );
    const [short, long] = [Math.min(glass.width, glass.height), Math.max(glass.width, glass.height)];
    add(
      f.squareByEye && short < long * (1 - SQUARE_BY_EYE),
      "not-square",
      "By eye it is square, and by its readings it is not: look at it again, and say how it looks or read it anew.",
    );
    const twin = f.others.find((o) => o.width === glass.height && o.height === glass.width && o.width !== o.height);
    add(
      twin !== undefined,
      "swapped",
      `Its figures are those of ${twin?.label ?? "another"} the other way round: look which is the width.`,
    );
  }
  const thick = f.packed !== null && f.packed > THICKEST_PACKER;
  add(
    thick,
    "packers-thick",
    "No pane stands on {packers} as thick as those that were read: read one of them again, or say how it sat.",
  );
  if (glass && opening && f.copied && !thick)
    add(
      Math.max(opening.width - glass.width, opening.height - glass.height) > FALLS_THROUGH,
      "copy-small",
      "The pane that was copied would fall through the opening that was read: read both again, or say which of them counts.",
    );
  if (glass && opening && !f.copied) {
    add(
      glass.width > opening.width - f.leastGap || glass.height > opening.height - f.leastGap,
      "too-large",
      "The glass is larger than its opening less the least gap. Look which figure is the opening and which the glass.",
    );
    const off = Math.max(opening.width - glass.width, opening.height - glass.height);
    add(
      f.statesOpening && f.overruled && off > 0,
      "twice",
      "The size was overruled and the order still states the opening: the allowance may come off twice. State the glass size.",
    );
  }
  add(
    f.toughened && f.cutToCome,
    "cut-toughened",
    "{Toughened} glass cannot be cut or eased, and something is still to be cut: settle the size first, or take laminated.",
    "specify",
  );
  if (f.risk)
    add(
      true,
      "risk",
      `Something is likely to go wrong: it binds with a chance of ${percent(f.risk.binds)}${f.risk.coverLost === null ? "" : `, and is covered too little with one of ${percent(f.risk.coverLost)}`}. Read it again or change the size, or say why it is ordered so.`,
    );
  add(f.thickness !== null, "thickness-off", f.thickness ?? "", "specify");
  add(f.timber !== null, "timber", f.timber ?? "", "specify");
  add(f.barsFault !== null, "bars-fault", f.barsFault ?? "");
  for (const u of f.unknown)
    out.push({
      id: u.id,
      says: `A cutter would have to ask: ${u.says}.`,
      at: u.station,
    });
  return out;
}
