import { beadAcross } from "../measure/bead.ts";
import { readsWhole } from "../measure/ways.ts";
import { HAD_NAMES } from "../order/had.ts";
import type { PaneBook } from "../pane/book.ts";
import type { Reckoning } from "../pane/reckoning.ts";
import { throughThickness } from "../size/through.ts";
import { GLASS_NAMES } from "../specify/glass.ts";
import { writeNumber } from "../tape/write.ts";
import { counted } from "../text/counted.ts";
import type { Template } from "../text/template.ts";
import { type LengthUnit, mm, type Nm, nm } from "../units/length.ts";
import { goesIn } from "./goes-in.ts";
import { sizeText } from "./size-text.ts";

/** Of glass that is here, while nobody can say what it does in its opening. */
export const READ_TO_JUDGE = "Read the opening, and it says whether this goes in." as const satisfies Template;

export type HadSays = { readonly says: Template; readonly bad: boolean };

/**
 * What the glass that is here does in this opening: whether it goes in, what to ease, and how far a {bead} stands proud.
 * @example 545 × 1193 in an opening of 543 at its narrowest // "It does not go in: ease …"
 */
export function hadSays(book: PaneBook, r: Reckoning, unit: LengthUnit): readonly HadSays[] {
  const { had } = book;
  if (!had) return [];
  const size = r.stands.size;
  const out: HadSays[] = [];
  if (!size) return [];
  const text = (v: Nm): string => writeNumber(v, unit);
  out.push({
    says: `The glass is here, ${HAD_NAMES[had.from]}: ${sizeText(size.width, unit, true)} × ${sizeText(size.height, unit, true)} ${unit}.${(had.from === "rack" || had.cuts) && had.note ? ` Out of ${had.note}${had.cuts ? `, ${counted(had.cuts, "edge")} to cut` : ""}.` : ""}`,
    bad: false,
  });
  if (!r.cut.ok || !r.cut.value.opening.ok) {
    out.push({ says: READ_TO_JUDGE, bad: false });
  } else if (r.tooBigBy > 0) {
    const ease = r.eased?.easings.map(
      (e) => `${e.side} ${text(mm(Math.ceil(Math.max(e.from, e.to) * 2) / 2))} ${unit}`,
    );
    out.push({
      says: ease?.length
        ? `It does not go in as it stands: ease ${ease.join(", ")}.`
        : `It is too big by ${text(mm(r.tooBigBy))} ${unit} each way.`,
      bad: true,
    });
  } else {
    out.push(goesIn(r.odds, size, { canEase: r.canEase, got: "had" }) ?? { says: "It goes in as read.", bad: false });
  }
  if (had.thickness === undefined && !readsWhole(book.way))
    out.push({
      says: `Nobody read its thickness: it is taken as chosen, ${text(r.glass.thickness)} ${unit}.`,
      bad: true,
    });
  const stoodBy = book.stoodByOrder?.ids.includes("unsafe") ?? false;
  const known = r.stands.kind ?? book.glass?.kind ?? null;
  if (r.unsafe && known !== null)
    out.push({
      says: `Safety glass is called for here, and this is ${GLASS_NAMES[known]}: ${stoodBy ? `it goes in all the same: ${book.stoodByOrder?.reason}` : "take another, or say why it may go in"}.`,
      bad: true,
    });
  else if (r.safety?.kind === "needed" || r.safety?.kind === "small-pane-6mm")
    out.push({
      says: `Safety glass belongs here: ${known === null ? "say what glass this is, and find" : "find"} its mark in a corner before it goes in.`,
      bad: known === null,
    });
  const width = r.readings["rebate-width"];
  if (width !== undefined && r.stands.thickness !== null) {
    const { spare } = throughThickness({
      rebateWidth: width,
      bed: r.readings["bed-under"] ?? mm(r.house.bedMm),
      glass: r.stands.thickness,
      faceClearance: nm(0),
      bead: beadAcross(r.readings) ?? nm(0),
    });
    if (spare < 0) out.push({ says: `Through the frame it stands ${text(nm(-spare))} ${unit} proud.`, bad: true });
  }
  return out;
}
