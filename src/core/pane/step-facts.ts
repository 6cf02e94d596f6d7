import type { FinishFacts } from "../finish/steps.ts";
import { isBeaded } from "../frame/held.ts";
import { frameOf } from "../frame/systems.ts";
import { detailOf } from "../frame/told-detail.ts";
import type { Hazards } from "../look/cautions.ts";
import { mendingOf } from "../look/condition.ts";
import type { Station } from "../plan/stations.ts";
import type { ReadyFacts } from "../ready/facts.ts";
import { HARDWARE, HARDWARE_NAMES, type HardwareFate } from "../ready/hardware.ts";
import type { StepId } from "../steps/step-id.ts";
import { type BeadOrder, beadOrder } from "../takeout/beads.ts";
import type { StepFacts } from "../takeout/facts.ts";
import type { Profile } from "../takeout/profile.ts";
import { nm, toMm } from "../units/length.ts";
import { type PaneBook, stepKey } from "./book.ts";
import { hingeOf, inLeaf } from "./hangs.ts";
import { newBursts, newIsMarked, oldBursts } from "./marked.ts";
import { oldGlassBack, staysIn } from "./old-glass.ts";
import type { Reckoning } from "./reckoning.ts";
import { gainOf } from "./sash-weighs.ts";
import { isUnit, wasUnit } from "./unit.ts";
import { wholeOf } from "./whole-here.ts";

/** Systems whose glass is held by four beads, stops or pinned strips. */
export const hasBeads = ({ added, before }: PaneBook): boolean =>
  isBeaded({ system: added.system, detail: detailOf(added.system, before.detail) });

/** In which order the beads come out, by the corners as they were tapped; null until somebody tapped one. */
export function beadsOf(book: PaneBook, r: Reckoning): BeadOrder | null {
  const { joints } = book.before;
  if (!joints || !hasBeads(book)) return null;
  const size = r.cut.ok ? r.cut.value.glass : null;
  return beadOrder({
    joints: joints.joints,
    school: joints.school,
    width: size ? toMm(size.width) : 600,
    height: size ? toMm(size.height) : 900,
  });
}

const mayHoldLead = (book: PaneBook, r: Reckoning): boolean =>
  r.lead === "found" ||
  (r.lead === "not-tested" && (book.building.year === null || book.building.year < r.house.leadYear));

/** What the steps of this pane follow from. */
export function stepFacts(book: PaneBook, r: Reckoning): StepFacts {
  const { house } = r;
  const beads = beadsOf(book, r);
  return {
    system: book.added.system,
    closed: book.before.opens === false,
    detail: detailOf(book.added.system, book.before.detail),
    damage: book.damage,
    storey: book.building.storey,
    size: r.cut.ok ? { width: toMm(r.cut.value.glass.width), height: toMm(r.cut.value.glass.height) } : null,
    cardKept:
      wholeOf(book) === null && ["arrived", "accepted", "accepted-with-note"].includes(book.line?.line.state ?? ""),
    sealed: wasUnit(book),
    toughened: oldBursts(book),
    acrylic: book.before.exam.kind === "acrylic",
    glassFirst: glassFirst(book),
    whole: wholeOf(book),
    lift:
      r.massKg === null || (r.massKg <= house.oneLiftsKg && areaM2(r) <= house.oneLiftsM2)
        ? 1
        : r.massKg <= house.twoLiftKg
          ? 2
          : "machine",
    front: book.before.front.map((f) => f.what),
    side: book.added.side,
    hinge: hingeOf(book),
    leaf: inLeaf(book),
    beads: beads?.kind === "order" ? beads.steps : null,
    profile: profileHere(book, r),
    broken: book.before.broken,
    lead: mayHoldLead(book, r),
    oldGlassBack: oldGlassBack(book),
    staysIn: staysIn(book),
  };
}

/** What is known of its beads: brittle too where one whitened when it was flexed. */
function profileHere(book: PaneBook, r: Reckoning): Profile | null {
  const flexed = detailOf(book.added.system, book.before.detail).flex;
  if (flexed === "untried") return r.profile;
  const known = r.profile ?? { profile: "", unhooks: null, gave: null, tape: null, brittle: false, lesson: "" };
  return { ...known, brittle: flexed === "brittle" };
}

const hardwareTo = (book: PaneBook, fate: HardwareFate): readonly string[] =>
  HARDWARE.filter((h) => book.before.hardware[h] === fate).map((h) => HARDWARE_NAMES[h]);

const areaM2 = (r: Reckoning): number =>
  r.cut.ok ? (toMm(r.cut.value.glass.width) * toMm(r.cut.value.glass.height)) / 1e6 : 0;

/** Holed, or shattered and standing: safer out before anybody works round its edge, unless somebody chose otherwise. */
function glassFirst(book: PaneBook): boolean {
  const said = detailOf(book.added.system, book.before.detail).out;
  if (said !== "by-state") return said === "first";
  return !book.damage.includes("gone") && book.damage.some((d) => d === "holed" || d === "standing");
}

/** An easing was ticked after the primer was: what it bared is bare. */
function easedPrimed(book: PaneBook): boolean {
  const at = (id: StepId): string => {
    const mark = book.steps.get(stepKey("ready", id));
    return mark?.state === "done" ? mark.at : "";
  };
  const primed = at("prime") > at("prime-bare") ? at("prime") : at("prime-bare");
  return primed !== "" && (at("ease") > primed || at("ease-tight") > primed);
}

/** What making ready follows from. */
export function readyFacts(book: PaneBook, r: Reckoning): ReadyFacts {
  const facts = stepFacts(book, r);
  const members = Object.values(book.before.members);
  const eased = book.overrule && r.eased ? r.eased.easings : [];
  return {
    ...facts,
    sealed: isUnit(book),
    toughened: newBursts(book, r),
    marked: newIsMarked(book, r),
    bed: r.compound.bed,
    workedBy: r.compound.workedBy,
    oily: r.compound.oily,
    primeRebate: r.compound.primeRebate,
    primerHours: r.house.primerHours,
    ease: eased.map((e) => ({ side: e.side, mm: Math.max(e.from, e.to) })),
    mends: members.some((m) => m.state === "mend" && !m.fault),
    faults: mendingOf(members).faults,
    cause: book.cause,
    strips: hardwareTo(book, "strip"),
    renews: hardwareTo(book, "new"),
    cutDown: cutDown(book, r),
    boundDry: book.before.dryFit?.fit === "tight",
    easedPrimed: easedPrimed(book),
    cutHere: !isUnit(book) && (book.had?.from === "cut" || book.had?.from === "rack"),
    waterStood: book.cause === "water" || book.before.map.some((i) => i.thing === "water"),
    rout: book.before.option?.option === "double",
    routBy: r.planned && { deeper: r.planned.by, wider: r.planned.wider ?? nm(0) },
  };
}

/** What is still to be cut of the glass that was taken from the rack. */
function cutDown({ had }: PaneBook, r: Reckoning): ReadyFacts["cutDown"] {
  const { size } = r.stands;
  if (!had?.cuts || !size) return null;
  return { of: had.note, widthMm: toMm(size.width), heightMm: toMm(size.height), edges: had.cuts };
}

/** What finishing follows from. */
export const finishFacts = (book: PaneBook, r: Reckoning): FinishFacts => ({
  ...readyFacts(book, r),
  compound: r.compound,
  frontsBack: book.before.front.filter((f) => f.fate === "back").length,
  gains: gainOf(book, r),
});

/** Old putty may be met, unless what holds the glass is gaskets. */
function mayHoldPutty(book: PaneBook): boolean {
  const { oldPutty, gasketed } = frameOf(book.added.system);
  return oldPutty && !gasketed(detailOf(book.added.system, book.before.detail));
}

/** Which glass hands are at, station by station. */
const GLASS_AT: Readonly<Record<Station, "old" | "new">> = {
  look: "old",
  takeout: "old",
  measure: "old",
  specify: "new",
  order: "new",
  ready: "new",
  set: "new",
  finish: "new",
  signoff: "new",
};

/** What raises hazards at a station: of the old glass while it is there, of the new from when it is set. */
export const hazardsOf = (book: PaneBook, r: Reckoning, at: Station): Hazards => ({
  damage: book.damage,
  lead: r.lead,
  buildingYear: book.building.year,
  leadYear: r.house.leadYear,
  storey: book.building.storey,
  massKg: r.massKg,
  oneLiftsKg: r.house.oneLiftsKg,
  twoLiftKg: r.house.twoLiftKg,
  ruleSet: r.house.safetySet,
  toughened: GLASS_AT[at] === "old" ? oldBursts(book) : newBursts(book, r),
  special: book.before.special,
  oldPutty: mayHoldPutty(book),
  oil: r.compound.oily,
});
