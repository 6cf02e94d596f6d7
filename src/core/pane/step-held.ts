import type { Station } from "../plan/stations.ts";
import { facingMatters } from "../set/facing.ts";
import { setSteps } from "../set/steps.ts";
import type { Ask, Step } from "../steps/step.ts";
import { CORNERS } from "../takeout/beads.ts";
import { screwsStillIn } from "../takeout/counts.ts";
import type { PaneBook } from "./book.ts";
import { stepKey } from "./book.ts";
import { facingFacts } from "./facing.ts";
import { staysIn } from "./old-glass.ts";
import type { Reckoning } from "./reckoning.ts";
import { beadsOf, readyFacts } from "./step-facts.ts";

/** Steps that open tape, sealant or {putty}. */
const BONDS: readonly string[] = ["bed", "bed-bond"];

/** Looks that come before anything wet is opened: afterwards they are too late. */
const GATES: readonly string[] = ["to-hand", "face-check", "close-dry"];

/** What can be ticked one by one at a step. */
export const TICKS: Readonly<Partial<Record<Ask, readonly string[]>>> = {
  sides: ["left", "right", "bottom", "top"],
  seated: ["left", "right", "bottom", "top"],
  groove: ["left", "right", "bottom", "top"],
  faces: ["room face", "outer face"],
  spacer: ["straight", "no burrs", "clean"],
  held: ["catches", "tilt tabs", "painted-over screws", "cords or cables", "screws added later"],
  bond: ["left", "right", "bottom", "top", ...CORNERS.map((c) => c.replace("-", " "))],
};

/** Screws of a cassette when nobody counted them out. Source: usual inserts. */
const USUAL_SCREWS = 12;
export const screwsToDrive = (book: PaneBook): number => Math.min(40, book.before.counts.screws?.out ?? USUAL_SCREWS);

/** A tick a screw, in two rounds. @example two screws // "1/1", "1/2", "2/1", "2/2" */
export const roundTicks = (screws: number): readonly string[] =>
  [1, 2].flatMap((round) => Array.from({ length: screws }, (_, i) => `${round}/${i + 1}`));

/** Glass of it broke: bare fingers only once somebody says that none lies loose. */
export const bareAsks = (book: PaneBook): boolean =>
  book.damage.some((d) => d === "cracked" || d === "holed" || d === "standing" || d === "gone");

/** Under what it is kept that no loose glass is left where a step is done with bare fingers. */
export const bareOf = (step: Step): string => `${step.id}/bare`;

/** Steps before and around the taping of cracked glass, which do not wait for it. */
const BEFORE_TAPE: readonly string[] = ["sheet", "reach-face", "clear-below", "tape-glass"];

/**
 * What speaks against ticking this step off: some of its sides done and others not, a screw less than plugs, a pane that
 * does not go in. Null where nothing does; a step nobody told anything is taken at the word of who ticks it.
 */
export function stepHeld(step: Step, station: Station, book: PaneBook, r: Reckoning): string | null {
  const ticks = step.asks && TICKS[step.asks];
  if (ticks) {
    const done = book.before.ticked.get(stepKey(station, step.id)) ?? [];
    const open = ticks.filter((t) => !done.includes(t));
    if (done.length > 0 && open.length > 0) return `Still open: ${open.join(", ")}.`;
  }
  if (step.gloves === "off" && bareAsks(book) && !book.before.ticked.get(stepKey(station, bareOf(step)))?.length)
    return "Bare fingers: first say that no loose glass is left.";
  if (station === "takeout" && !BEFORE_TAPE.includes(step.id) && untaped(book))
    return "First: are its faces taped: none, one or both? Tick that step, or skip it and say why.";
  if (step.id === "bead-cut" && !newOnesHere(book))
    return "Nothing new is checked in for this {pane}: cut the {beads} and the hole cannot be closed.";
  if (station === "set" && BONDS.includes(step.id)) {
    const clean = book.before.ticked.get(stepKey("ready", "clean")) ?? [];
    const open = (TICKS.sides ?? []).filter((t) => !clean.includes(t));
    if (clean.length > 0 && open.length > 0)
      return `Not clean yet: ${open.join(", ")}. What is left there lets the bond go.`;
  }
  if (station === "set" && BONDS.includes(step.id)) {
    const all = setSteps(readyFacts(book, r));
    const before = all.slice(
      0,
      all.findIndex((s) => s.id === step.id),
    );
    const first = before.find((s) => GATES.includes(s.id) && !book.steps.has(stepKey("set", s.id)));
    if (first) return `First: ${first.does.charAt(0).toLowerCase()}${first.does.slice(1)}`;
  }
  if (station === "set" && step.asks === "seated") {
    const clear = book.before.ticked.get(stepKey("set", "locate")) ?? [];
    const shut = (TICKS.groove ?? []).filter((t) => !clear.includes(t));
    if (clear.length > 0 && shut.length > 0)
      return `A {packer} may stand in the groove: ${shut.join(", ")} not looked at.`;
  }
  if (step.id === "lift-out") {
    const cut = book.before.ticked.get(stepKey("takeout", "cut-free")) ?? [];
    const uncut = (TICKS.bond ?? []).filter((t) => !cut.includes(t));
    if (cut.length > 0 && uncut.length > 0) return `Not cut free yet: ${uncut.join(", ")}. Prised now, it breaks.`;
  }
  switch (step.asks) {
    case "beads":
      return beadsOf(book, r)?.kind === "impossible" ? "These corners cannot all be so: look at them again." : null;
    case "screws": {
      const still = screwsStillIn(book.before.counts);
      return still
        ? `${still} ${still === 1 ? "screw is" : "screws are"} still under a plug: one left holds the whole half.`
        : null;
    }
    case "rounds": {
      const done = book.before.ticked.get(stepKey(station, step.id)) ?? [];
      const open = roundTicks(screwsToDrive(book)).filter((t) => !done.includes(t));
      return done.length > 0 && open.length > 0
        ? `${open.length} ${open.length === 1 ? "turn" : "turns"} of a screw still to go: two rounds, each screw.`
        : null;
    }
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
      return fit === "too-big" || fit === "too-small" ? "It does not go in as it should: settle that first." : null;
    }
    default:
      return null;
  }
}

/** Cracked or holed, and nobody has said whether it is taped. */
const untaped = (book: PaneBook): boolean =>
  book.damage.some((d) => d === "cracked" || d === "holed" || d === "standing") &&
  !book.damage.includes("gone") &&
  !staysIn(book) &&
  !book.steps.has(stepKey("takeout", "tape-glass"));

const newOnesHere = (book: PaneBook): boolean =>
  book.line?.line.state === "accepted" || book.line?.line.state === "accepted-with-note";
