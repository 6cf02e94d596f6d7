import type { Station } from "../plan/stations.ts";
import { facingMatters } from "../set/facing.ts";
import type { Step } from "../steps/step.ts";
import { screwsStillIn } from "../takeout/counts.ts";
import { holderSays } from "../takeout/holder.ts";
import { counted } from "../text/counted.ts";
import type { Template } from "../text/template.ts";
import type { Day } from "../units/day.ts";
import { bedIsAsked } from "./bed-here.ts";
import type { PaneBook } from "./book.ts";
import { stepKey } from "./book.ts";
import { notDry } from "./drying.ts";
import { facingFacts } from "./facing.ts";
import { hingeOf } from "./hangs.ts";
import { oldGlassBack, staysIn } from "./old-glass.ts";
import { owedPaint } from "./paint-owed.ts";
import type { Reckoning } from "./reckoning.ts";
import { roundTicks, screwsToDrive } from "./screw-rounds.ts";
import { isHere, wasHad } from "./stands.ts";
import { beadsOf, stepFacts } from "./step-facts.ts";
import { stepsOnce } from "./steps-at.ts";
import { whoHasIt } from "./who-has-it.ts";
import { wholeOf } from "./whole-here.ts";

/** Glass of it broke: bare fingers only once somebody says that none lies loose. */
export const bareAsks = (book: PaneBook): boolean =>
  book.damage.some((d) => d === "cracked" || d === "holed" || d === "standing" || d === "gone");

/** Under what it is kept that no loose glass is left where a step is done with bare fingers. */
export const bareOf = (step: Step): string => `${step.id}/bare`;

/** The hour, for what dries; and the day, for what may be painted. */
export type HeldAt = {
  readonly nowMs: number;
  readonly today: Day;
  /** The steps of each station, where whoever asks of many has them already. */
  readonly steps?: ((station: Station) => readonly Step[]) | undefined;
};

type Asked = {
  readonly step: Step;
  readonly station: Station;
  readonly book: PaneBook;
  readonly r: Reckoning;
  readonly at: HeldAt;
  readonly steps: (station: Station) => readonly Step[];
};

/** What speaks against a step, and where it is settled. */
export type Hold = {
  readonly says: Template;
  readonly to: { readonly station: Station; readonly step: string | null } | null;
  /** What is not dry yet: whoever stands before it and sees that it is may say so here. */
  readonly dries?: { readonly station: Station; readonly step: Step };
};

/** What speaks against ticking this step off, and what leads to its answer. */
export function stepHold(step: Step, station: Station, book: PaneBook, r: Reckoning, at: HeldAt): Hold | null {
  const all: Asked = { step, station, book, r, at, steps: at.steps ?? stepsOnce(book, r) };
  for (const hold of HOLDS) {
    const found = hold(all);
    if (found !== null) return typeof found === "string" ? { says: found, to: null } : found;
  }
  return null;
}

/**
 * What speaks against ticking this step off: some of its sides done and others not, a primer that is not dry, a pane that was
 * not tried, a screw less than plugs. Null where nothing does; a step nobody told anything is taken at the word of who ticks it.
 */
export const stepHeld = (step: Step, station: Station, book: PaneBook, r: Reckoning, at: HeldAt): Template | null =>
  stepHold(step, station, book, r, at)?.says ?? null;

const leads = (says: Template, station: Station, step: string | null): Hold => ({ says, to: { station, step } });

const tickedAt = (book: PaneBook, station: Station, id: string): readonly string[] =>
  book.before.ticked.get(stepKey(station, id)) ?? [];

const heldUnsaid = ({ station, book }: Asked): Hold | null =>
  station === "takeout" && !book.heldSaid
    ? leads("Nobody said how the glass is held: these steps may be another frame's.", "look", null)
    : null;

/** What was said to have the pane is not enough for it; or nobody said, and it may fall on whoever stands there. */
function poorlyHeld({ step, book, r, steps }: Asked): Template | null {
  if (step.asks !== "holder") return null;
  const has = whoHasIt(book, steps("takeout"), step.id);
  if (has.length === 0) return "First say what has the {pane}: nothing else keeps it up now.";
  const f = stepFacts(book, r);
  return holderSays(has, { storey: f.storey, heavy: f.lift !== 1, broken: f.damage.includes("holed") });
}

function halfTicked({ step, station, book }: Asked): string | null {
  const done = tickedAt(book, station, step.id);
  const open = (step.ticks ?? []).filter((t) => !done.includes(t));
  return done.length > 0 && open.length > 0 ? `Still open: ${open.join(", ")}.` : null;
}

const looseGlass = ({ step, station, book }: Asked): string | null =>
  step.gloves === "off" && bareAsks(book) && tickedAt(book, station, bareOf(step)).length === 0
    ? "Bare fingers: first say that no loose glass is left."
    : null;

/** Cracked or holed, and the step that tapes it stands before this one and was neither done nor skipped. */
function untaped({ step, station, book, steps }: Asked): Hold | null {
  if (station !== "takeout" || staysIn(book) || !bareAsks(book)) return null;
  const all = steps("takeout");
  const tape = all.findIndex((s) => s.asks === "faces");
  const here = all.findIndex((s) => s.id === step.id);
  const taping = all[tape];
  return taping && here > tape && !book.steps.has(stepKey("takeout", taping.id))
    ? leads(
        "First: are its faces taped: none, one or both? Tick that step, or leave it out and say why.",
        "takeout",
        taping.id,
      )
    : null;
}

const noNewOnes = ({ step, book }: Asked): Hold | null =>
  step.needsNew && !isHere(book)
    ? leads(
        wholeOf(book) === null
          ? "Nothing new is checked in for this {pane}: cut the {beads} and the hole cannot be closed."
          : "What goes in is not checked in yet: once the old one is out, nothing closes the hole.",
        "order",
        null,
      )
    : null;

/** What is to go in is not here: not tried dry, and no bed opened for it. */
function paneAway({ step, station, book, r }: Asked): Hold | null {
  if (!(step.needsPane || (station === "set" && step.wet))) return null;
  if (staysIn(book) || oldGlassBack(book)) return null;
  const { as } = r.stands;
  if (as === "accepted" || as === "set") return null;
  return leads(
    as === "ordered"
      ? "It is ordered and not here: check it in when it comes, then go on."
      : "What goes in is neither ordered nor here: order it, or say that the glass is at hand.",
    "order",
    null,
  );
}

/** Ordinary glass where it hurts somebody is not set without a word: said once, at the first step. */
function notSafe({ step, station, book, r, steps }: Asked): Hold | null {
  if (station !== "set" || !r.unsafe || step.id !== steps("set")[0]?.id || book.stoodByOrder?.ids.includes("unsafe"))
    return null;
  return leads(
    "Safety glass is called for here, and what goes in is none: change it, or know why it may go in.",
    wasHad(book) ? "order" : "specify",
    null,
  );
}

/** Its days count from the day on which it was set: said once, at the first step after it. */
const setUnsaid = ({ step, station, book, steps }: Asked): Hold | null =>
  station === "finish" && !book.set && step.id === steps("finish")[0]?.id
    ? leads("First say that it is set, and on which day: what follows counts from there.", "set", null)
    : null;

const bedNotSaid = ({ step, r }: Asked): string | null =>
  step.ofBed && bedIsAsked(r.bedFrom, r.compound) ? "First say what it is set in: this step goes by it." : null;

const hangUnsaid = ({ step, station, book }: Asked): string | null =>
  station === "set" && step.asks === "packers" && hingeOf(book) === "not-said" ? "First say how it hangs." : null;

function notTried({ step, book, steps }: Asked): Hold | null {
  if (!step.afterFit) return null;
  const tried = steps("ready").find((s) => s.asks === "dry-fit");
  if (!tried || book.steps.get(stepKey("ready", tried.id))?.state === "skipped") return null;
  switch (book.before.dryFit?.fit) {
    case undefined:
      return leads("First try it dry, and say how it went in.", "ready", tried.id);
    case "free":
      return null;
    case "tight":
      return leads("It bound when it was tried: ease there, try again, and say how it goes in now.", "ready", tried.id);
    case "too-big":
    case "too-small":
      return leads("It does not go in as it should: settle that first.", "ready", tried.id);
  }
}

function wet({ step, book, steps, at }: Asked): Hold | null {
  const first = step.needsDry ? notDry(book, steps, at.nowMs, step)[0] : undefined;
  if (!first) return null;
  const { station, hours } = first;
  const says = `Not dry yet, about ${hours} h to go: ${lower(first.step.does)} Colder or damp takes longer.`;
  return { ...leads(says, station, first.step.id), dries: { station, step: first.step } };
}

/** {Putty} that may not be painted yet. */
function notYetPainted({ step, book, r, at }: Asked): string | null {
  const paint = step.paints ? owedPaint(book, r) : null;
  if (!paint) return null;
  if (paint.from === null) return "No day in its window is fit to paint yet: look at the days again.";
  return paint.from > at.today ? "Too soon: painted now it wrinkles. Its days stand under The days, at Finish." : null;
}

function unclean({ step, book, steps }: Asked): Hold | null {
  if (!step.wet) return null;
  for (const s of steps("ready")) {
    const done = tickedAt(book, "ready", s.id);
    const open = s.asks === "sides" ? (s.ticks ?? []).filter((t) => !done.includes(t)) : [];
    if (done.length > 0 && open.length > 0)
      return leads(`Not clean yet: ${open.join(", ")}. What is left there lets the bond go.`, "ready", s.id);
  }
  return null;
}

/** Looks that come before anything wet is opened: afterwards they are too late. */
function ungated({ step, station, book, steps }: Asked): Hold | null {
  if (!step.wet || station !== "set") return null;
  const all = steps("set");
  const before = all.slice(
    0,
    all.findIndex((s) => s.id === step.id),
  );
  const first = before.find((s) => s.gate && !book.steps.has(stepKey("set", s.id)));
  return first ? leads(`First: ${lower(first.does)}`, "set", first.id) : null;
}

function groove({ step, station, book, steps }: Asked): Hold | null {
  if (station !== "set" || step.asks !== "seated") return null;
  const clear = steps("set").find((s) => s.asks === "groove");
  const done = clear ? tickedAt(book, "set", clear.id) : [];
  const shut = (clear?.ticks ?? []).filter((t) => !done.includes(t));
  return clear && done.length > 0 && shut.length > 0
    ? leads(`A {packer} may stand in the groove: ${shut.join(", ")} not looked at.`, "set", clear.id)
    : null;
}

function uncut({ step, book, steps }: Asked): Hold | null {
  if (!step.afterCut) return null;
  const cut = steps("takeout").find((s) => s.asks === "bond");
  const done = cut ? tickedAt(book, "takeout", cut.id) : [];
  const open = (cut?.ticks ?? []).filter((t) => !done.includes(t));
  return cut && done.length > 0 && open.length > 0
    ? leads(`Not cut free yet: ${open.join(", ")}. Prised now, it breaks.`, "takeout", cut.id)
    : null;
}

/** By what the step asks. */
function asked({ step, station, book, r }: Asked): string | null {
  switch (step.asks) {
    case "beads":
      return beadsOf(book, r)?.kind === "impossible" ? "These corners cannot all be so: look at them again." : null;
    case "screws": {
      const still = (screwsStillIn(book.before.counts) ?? 0) - (step.leaves ?? 0);
      return still > 0 && station === "takeout"
        ? `${counted(still, "screw is", "screws are")} still under a plug: one left holds the whole half.`
        : null;
    }
    case "rounds": {
      const done = tickedAt(book, station, step.id);
      const open = roundTicks(screwsToDrive(book)).filter((t) => !done.includes(t));
      return done.length > 0 && open.length > 0
        ? `${counted(open.length, "turn")} of a screw still to go: two rounds, each screw.`
        : null;
    }
    case "closed":
      return book.before.refurbish.closed === null
        ? "First say with what it was closed, and when somebody looks at it again."
        : null;
    case "facing":
      return book.facing === null && facingMatters(facingFacts(book, r))
        ? "Say first by which sign: set the wrong way round it is a remake."
        : null;
    case "tags":
      return book.tag !== null && book.tag !== "" && book.tag !== book.id
        ? "The tag on this sash names another opening: here it binds."
        : null;
    case "drains": {
      const drains = book.before.drains;
      return drains && drains.clear < drains.found
        ? `${drains.found - drains.clear} of ${drains.found} drains are not clear.`
        : null;
    }
    case "dry-fit": {
      const fit = book.before.dryFit?.fit;
      return fit === undefined
        ? "Say how it went in: what follows goes by it."
        : fit === "too-big" || fit === "too-small"
          ? "It does not go in as it should: settle that first."
          : fit === "tight"
            ? "It bound: ease there, try again, and say how it goes in now."
            : null;
    }
    default:
      return null;
  }
}

const lower = (text: Template): Template => text.charAt(0).toLowerCase() + text.slice(1);

/** What may speak against ticking a step off, the first that does. Each is read off the step and knows no step by name. */
const HOLDS: readonly ((a: Asked) => Hold | string | null)[] = [
  heldUnsaid,
  halfTicked,
  looseGlass,
  untaped,
  poorlyHeld,
  noNewOnes,
  paneAway,
  notSafe,
  setUnsaid,
  bedNotSaid,
  hangUnsaid,
  notTried,
  wet,
  notYetPainted,
  unclean,
  ungated,
  groove,
  uncut,
  asked,
];
