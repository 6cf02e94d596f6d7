import { SPECIAL_FACTS } from "../look/special.ts";
import type { Place } from "../measure/places.ts";
import { readsWhole } from "../measure/ways.ts";
import type { Station } from "../plan/stations.ts";
import { isSafetyGlass } from "../specify/glass.ts";
import { NO_SPACER } from "../specify/makeup.ts";
import { WHOLE_FACTS, WHOLES } from "../specify/whole.ts";
import type { Template } from "../text/template.ts";
import type { PaneBook } from "./book.ts";
import { conversionUnread, isConversion, isRouted } from "./conversion.ts";
import { hingeOf } from "./hangs.ts";
import { insertIsSafe } from "./insert-safe.ts";
import { needsTemplate } from "./needs-template.ts";
import { takesOneThickness } from "./one-thickness.ts";
import { meantByWay } from "./read-what.ts";
import type { Reckoning } from "./reckoning.ts";
import { wasHad } from "./stands.ts";
import { isUnit } from "./unit.ts";
import { unlikelyHere } from "./unlikely-size.ts";
import { wholeOf } from "./whole-here.ts";

/** What an order may leave to guess. */
export type UnknownId =
  | "held"
  | "special"
  | "whole"
  | "closed"
  | "hangs"
  | "size"
  | "read-what"
  | "template"
  | "rout"
  | "glass"
  | "makeup"
  | "sash"
  | "thickness"
  | "spacer"
  | "coating"
  | "safety"
  | "unsafe"
  | "bars"
  | "pattern"
  | "pattern-on"
  | "pattern-runs";

/** What an order of this pane would still leave to guess, and where it is settled. */
export type Unknown = {
  readonly id: UnknownId;
  readonly says: Template;
  /** The same in as few words as a button has room for, where that is not the whole of it. */
  readonly short?: Template;
  readonly station: Station;
  readonly place?: Place;
};

/** Any of these tells how thick a unit this frame takes. */
const THICKNESS_FROM = ["unit-thickness", "old-thickness", "rebate-width"] as const satisfies readonly Place[];

/** Any of these tells how thick a single {pane} such a frame takes. */
const SHEET_THICKNESS_FROM = [...THICKNESS_FROM, "pane-thickness"] as const satisfies readonly Place[];

/** Everything a cutter or a unit maker would have to ask. Empty: nothing is left to guess. */
export function unknownsOf(book: PaneBook, r: Reckoning): readonly Unknown[] {
  const out: Unknown[] = [];
  const add = (when: boolean, unknown: Unknown) => {
    if (when) out.push(unknown);
  };
  add(!book.heldSaid, { id: "held", says: "how the glass is held", station: "look" });
  const [special] = book.before.special;
  add(special !== undefined && book.before.licensed.trim() === "", {
    id: "special",
    says: `who is licensed for it: ${special ? SPECIAL_FACTS[special].name : ""}`,
    short: "who is licensed for it",
    station: "look",
  });
  // What comes with its glass in it: a pane for it is ordered by mistake.
  const chosen = WHOLES.find((w) => w === book.before.option?.option);
  const whole = wholeOf(book);
  add(chosen !== undefined && whole !== chosen, {
    id: "whole",
    says: `whether glass is wanted, where ${chosen ? WHOLE_FACTS[chosen].on : ""} was chosen`,
    short: "whether glass is wanted",
    station: "look",
  });
  add(book.before.opens === false && chosen === undefined && whole === null, {
    id: "closed",
    says: "what takes its place, where the sash lets nothing out",
    short: "what takes its place",
    station: "look",
  });
  add((whole === "sash" || whole === "window") && hingeOf(book) === "not-said", {
    id: "hangs",
    says: "how it hangs",
    station: "specify",
  });
  add(!r.cut.ok, { id: "size", says: "width and height", station: "measure", place: "width-top" });
  const meant = meantByWay(book, r);
  add(meant !== null, {
    id: "read-what",
    says: `what was read: the opening itself, or ${meant?.name}`,
    station: "measure",
  });
  const unlikely = unlikelyHere(book, r);
  add(unlikely !== null, {
    id: "size",
    says: `whether the ${unlikely?.side} was read right: no ${unlikely?.is === "small" ? "{pane} is that small" : "sheet is that large"}`,
    short: `whether the ${unlikely?.side} was read right`,
    station: "measure",
    ...(unlikely && { place: unlikely.place }),
  });
  add(needsTemplate(book, r) && book.template?.taken !== true && whole === null, {
    id: "template",
    says: `its outline, for it has ${book.shape === "raked" ? "a raking side" : "an arch or a curve"}: take a template at the window, mark its face and its top`,
    short: "its outline: take a template",
    station: "measure",
  });
  add(book.shape === "raked" && whole === null && r.shaped === null && r.opening.copied === null, {
    id: "template",
    says: "its shape, for it has a raking side: read both corners",
    short: "its shape: read both corners",
    station: "measure",
    place: r.readings["diagonal-up"] === undefined ? "diagonal-up" : "diagonal-down",
  });
  const springs = r.arch && !r.arch.ok && r.arch.error.kind === "not-read" ? r.arch.error.places : [];
  add(springs.length > 0, {
    id: "template",
    says: "its shape, for its head is arched: read both jambs to where it springs, and the middle to its crown",
    short: "its shape: read where the head springs, and its crown",
    station: "measure",
    ...(springs[0] && { place: springs[0] }),
  });
  add(r.planned !== null, {
    id: "rout",
    says: r.planned?.isCut
      ? "the {rebate} as it was routed: read it again"
      : "the {rebate} once it is routed: rout it and read it again, or order by the plan",
    short: r.planned?.isCut ? "the routed {rebate}" : "rout first, or order by the plan",
    station: "measure",
    place: "width-top",
  });
  // Where it stands comes before which glass: it decides that. Safety glass answers it either way.
  const safe = readsWhole(book.way) ? insertIsSafe(book, r.stands) : isSafetyGlass(r.glass.kind);
  add(r.safety?.kind === "not-known" && !safe, {
    id: "safety",
    says: "ordinary or safety glass",
    station: "specify",
    place: "sill-height",
  });
  // Of what is made whole its maker knows what is in it.
  const unit = isUnit(book) && !readsWhole(book.way);
  const sheet = !isUnit(book) && !readsWhole(book.way) && book.panel === null;
  // Of glass that is here it is asked where that was said to be here.
  const had = wasHad(book);
  add(sheet && book.glass === null && r.stands.kind === null, {
    id: "glass",
    says: had ? "what glass it is that is here" : "which glass",
    station: had ? "order" : "specify",
  });
  add(unit && book.makeup === null, { id: "makeup", says: "what the {unit} is made of", station: "specify" });
  // No old unit says how thick it may be: the sash does.
  const reads = conversionUnread(book);
  add(unit && reads.length > 0, {
    id: "sash",
    says: "how deep and wide the {rebate} is, and how thick the timber: whether this sash can take a {unit}",
    short: "whether this sash takes a {unit}",
    station: "measure",
    ...(reads[0] && { place: reads[0] }),
  });
  // Gasket, bead and groove fit one thickness: a usual one is not this frame's.
  add(
    unit && !isRouted(book) && book.before.opens !== false && !THICKNESS_FROM.some((p) => book.readings[p]?.read.ok),
    {
      id: "thickness",
      says: "how thick the old {unit} is",
      station: "specify",
      place: "unit-thickness",
    },
  );
  add(sheet && takesOneThickness(book) && !SHEET_THICKNESS_FROM.some((p) => book.readings[p]?.read.ok), {
    id: "thickness",
    says: "how thick the old {pane} is: its gasket fits one thickness",
    short: "how thick the old {pane} is",
    station: "specify",
    place: "unit-thickness",
  });
  add(unit && book.makeup?.spacer === NO_SPACER, {
    id: "spacer",
    says: "which spacer",
    station: "specify",
  });
  // Of one sheet nobody copies a coating.
  add(unit && !isConversion(book) && book.coating === null, {
    id: "coating",
    says: "whether it was coated",
    station: "measure",
  });
  add(r.unsafe, { id: "unsafe", says: "safety glass is called for", station: had ? "order" : "specify" });
  add(unit && book.bars === null, { id: "bars", says: "bars, or none", station: "measure" });
  add(unit && (book.looks?.pattern ?? "") !== "" && (book.looks?.patternOn ?? "not-said") === "not-said", {
    id: "pattern-on",
    says: "on which sheet of the {unit} the pattern is",
    short: "which sheet is patterned",
    station: "specify",
  });
  add(sheet && book.glass?.kind === "patterned" && !book.glass.pattern, {
    id: "pattern",
    says: "which pattern",
    station: "specify",
  });
  const isPatterned = (unit && (book.looks?.pattern ?? "") !== "") || (sheet && book.glass?.kind === "patterned");
  add(isPatterned && (book.looks?.runs ?? "not-said") === "not-said", {
    id: "pattern-runs",
    says: "which way the lines of the pattern run, or that it has none",
    short: "which way the pattern runs",
    station: "specify",
  });
  return out;
}
