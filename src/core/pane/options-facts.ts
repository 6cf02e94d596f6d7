import { frameOf } from "../frame/systems.ts";
import { type MemberState, mendingOf } from "../look/condition.ts";
import { isLoose } from "../look/damage.ts";
import { examVerdict } from "../look/exam.ts";
import type { OptionFacts } from "../look/options.ts";
import { thicknessFrom } from "../measure/thickness.ts";
import { centreHeat, GASES, UNCOATED } from "../specify/heat.ts";
import { toMm } from "../units/length.ts";
import type { PaneBook } from "./book.ts";
import { conversionHolds } from "./conversion.ts";
import { packingFailed } from "./old-glass.ts";
import type { Reckoning } from "./reckoning.ts";
import { takesNight } from "./takes-night.ts";
import { sealedBy, wasUnit } from "./unit.ts";

/** A new unit as they are mostly made now: 4-16-4, argon, one coated face. */
const BETTER = centreHeat({ glassMm: 8, cavities: [{ widthMm: 16, gas: GASES.argon, faces: [UNCOATED, 0.05] }] });
const SINGLE = centreHeat({ glassMm: 4, cavities: [] });

/** What the options of this pane follow from, as far as it has been looked at and read. */
export function optionsFacts(book: PaneBook, r: Reckoning, leads: OptionFacts["leads"] = {}): OptionFacts {
  const sealed = wasUnit(book);
  const v = examVerdict(book.before.exam);
  const broken = book.damage.some((d) => d === "cracked" || d === "holed" || d === "standing" || d === "gone");
  const size = r.cut.ok ? r.cut.value.glass : null;
  return {
    system: book.added.system,
    opens: book.before.opens !== false,
    sealed,
    sealedUsual: sealedBy(book) === "usual",
    toughened: book.before.exam.stamp === "toughened",
    coated: book.coating === null ? null : book.coating.coated === "unsure" ? null : book.coating.coated === "yes",
    glass: broken ? "broken" : book.damage.includes("misted") ? "seal-gone" : v.glassSound ? "sound" : "not-looked",
    acrylic: book.before.exam.kind === "acrylic",
    loose: isLoose(book.damage),
    packingFailed: packingFailed(book),
    worst: worstOf(book),
    mending: mendingHere(book),
    doubleHolds: conversionHolds(book, r.house),
    areaM2: size ? (toMm(size.width) * toMm(size.height)) / 1e6 : null,
    paints: frameOf(book.added.system).painted,
    takesNight: takesNight(book, r),
    paintWaits: frameOf(book.added.system).painted ? r.compound.leastDays : null,
    leads,
    heat: sealed ? heatOfUnit(r) : { now: SINGLE, same: SINGLE, better: BETTER },
  };
}

/** The unit as it was, with air; with its seal lost it is no better than that, and mostly wetter. */
function heatOfUnit(r: Reckoning): OptionFacts["heat"] {
  const overall = thicknessFrom(r.readings).overall;
  const cavity = overall === null ? null : toMm(overall) - 8;
  const same =
    cavity === null || cavity < 4
      ? null
      : centreHeat({ glassMm: 8, cavities: [{ widthMm: cavity, gas: GASES.air, faces: [UNCOATED, UNCOATED] }] });
  return { now: same, same, better: BETTER };
}

/** An hour and a day where nobody said what is wrong with a member that is mended. */
function mendingHere(book: PaneBook): OptionFacts["mending"] {
  const found = mendingOf(Object.values(book.before.members));
  return found.faults.length === 0
    ? { hours: 1, days: 1 }
    : { hours: Math.ceil(found.minutes / 15) / 4, days: Math.ceil(found.driesHours / 24) };
}

function worstOf(book: PaneBook): MemberState | null {
  const states = Object.values(book.before.members).map((m) => m.state);
  for (const s of ["not-worth", "mend", "sound"] as const) if (states.includes(s)) return s;
  return book.damage.includes("rotten") ? "mend" : null;
}
