import type { System } from "../frame/systems.ts";
import { leftToSay } from "../frame/told-detail.ts";
import { sidesOf } from "../frame/which-system.ts";
import type { Entry, EntryOf, Kind, Payloads } from "../log/kinds.ts";
import { type Log, readLog } from "../log/standing-entries.ts";
import { isForLooks } from "../look/damage.ts";
import { examVerdict, withTicked } from "../look/exam.ts";
import { isOpeningPlace, type OpeningPlace, type Place } from "../measure/places.ts";
import type { Circumstance } from "../measure/ways.ts";
import { LINE_STATE_FACTS } from "../order/line-state.ts";
import type { Station } from "../plan/stations.ts";
import type { VisitPart } from "../plan/visit-part.ts";
import { type ReadingAsRead, readAll } from "./as-read.ts";
import { type BeforeBook, foldBefore } from "./before-book.ts";
import { foldOrder, type OrderBook, type OrderLine } from "./order-book.ts";
import { wayOf } from "./way-of.ts";

export type StepMark = {
  readonly state: "done" | "skipped";
  readonly reason: string;
  readonly who: string;
  readonly at: string;
};

/** All that is true of one pane now: the fold of its entries and of the orders it stands on. */
export type PaneBook = {
  readonly id: string;
  readonly log: Log;
  /** What looking, taking out and making ready have found. */
  readonly before: BeforeBook;
  readonly added: Payloads["pane.added"];
  /** From which side it goes in was said by somebody, or this frame has one only. */
  readonly sideSaid: boolean;
  /** How the glass is held was said by somebody, and is not a stand-in. */
  readonly heldSaid: boolean;
  readonly damage: Payloads["look.damage"]["damage"];
  readonly cause: Payloads["look.cause"]["cause"] | null;
  readonly urgency: Payloads["look.urgency"]["urgency"] | null;
  readonly building: Payloads["look.building"];
  readonly closed: Payloads["look.closed"] | null;
  /** What closed it was taken off again. */
  readonly uncovered: boolean;
  readonly steps: ReadonlyMap<string, StepMark>;
  readonly marks: Payloads["takeout.marks"] | null;
  readonly sprigsFound: number | null;
  readonly readings: Readonly<Partial<Record<Place, ReadingAsRead>>>;
  /** The second, blind set, newest a place. */
  readonly again: Readonly<Partial<Record<OpeningPlace, ReadingAsRead>>>;
  /** Readings that looked like slips and were read again and found right, by place: the text that was stood by. */
  readonly stoodBy: ReadonlyMap<Place, string>;
  readonly way: Payloads["measure.way"]["way"];
  readonly circumstance: Circumstance | null;
  readonly shape: Payloads["measure.shape"]["shape"] | null;
  readonly sits: Payloads["measure.sits"]["sits"] | null;
  readonly bars: Payloads["measure.bars"] | null;
  readonly coating: Payloads["measure.coating"] | null;
  /** Whether a template was taken of its outline. */
  readonly template: Payloads["measure.template"] | null;
  readonly found: Payloads["measure.found"] | null;
  readonly basis: Payloads["size.basis"]["basis"];
  readonly risk: Payloads["size.risk-taken"] | null;
  readonly rule: Payloads["size.rule"] | null;
  readonly overrule: Payloads["size.overruled"] | null;
  /** Cut to the opening's own shape, until that is dropped. */
  readonly shaped: Payloads["size.shaped"] | null;
  readonly glass: Payloads["specify.glass"] | null;
  readonly location: Payloads["specify.location"] | null;
  readonly makeup: Payloads["specify.makeup"]["makeup"];
  readonly exposure: Payloads["specify.exposure"]["exposure"] | null;
  readonly sash: Payloads["specify.sash"] | null;
  readonly match: Payloads["specify.match"] | null;
  /** What it is to be set in, by its name on the list; null until somebody said. */
  readonly bed: string | null;
  readonly sun: Payloads["specify.sun"] | null;
  readonly looks: Payloads["specify.looks"] | null;
  /** Whether the glass in its insert is to be safety glass; null until somebody said. */
  readonly insertSafe: boolean | null;
  readonly panel: Payloads["specify.panel"]["panel"];
  readonly hinges: Payloads["specify.hinges"] | null;
  readonly parts: Payloads["specify.parts"] | null;
  readonly orders: readonly OrderBook[];
  /** What holds it off an order and was stood by, with why. */
  readonly stoodByOrder: Payloads["order.stood-by"] | null;
  /** The line that counts: the newest that stands; where none does, the newest that was not taken off. */
  readonly line: { readonly order: OrderBook; readonly line: OrderLine } | null;
  /** Glass that is here without an order. */
  readonly had: Payloads["order.had"] | null;
  /** Somebody said that it is cut here. */
  readonly cutHere: boolean;
  readonly set: Payloads["set.done"] | null;
  readonly painted: string | null;
  /** Somebody else paints it. */
  readonly paintLeft: Payloads["finish.paint-left"] | null;
  /** The pane that the sash's own tag names; "" where it had none. */
  readonly tag: string | null;
  readonly facing: Payloads["set.facing"] | null;
  /** How it went in. */
  readonly fit: { readonly went: Payloads["set.fit"]; readonly who: string; readonly at: string } | null;
  /** What somebody said of a pane that came back, by its line. */
  readonly remakes: ReadonlyMap<string, Payloads["remake.kept"]>;
  readonly visit: Payloads["finish.visit"] | null;
  /** Visits that have a day on the plan. */
  readonly visits: ReadonlyMap<VisitPart, PlannedVisit>;
  readonly materials: readonly Payloads["set.material"][];
  readonly snags: readonly Payloads["signoff.snag"][];
  readonly checks: ReadonlyMap<string, Payloads["signoff.check"]>;
  readonly signed: { readonly day: string; readonly who: string; readonly told: boolean } | null;
  readonly notes: readonly EntryOf<"note.written">[];
};

export const stepKey = (station: Station, step: string): string => `${station}/${step}`;

/** A visit with its day. */
export type PlannedVisit = Omit<Payloads["plan.visit"], "day"> & { readonly day: string };

/** Somebody has to look from which side it goes in: the frame alone does not tell. */
const hasTwoSides = (system: System): boolean => sidesOf(system).length > 1;

const hadOf = (had: Payloads["order.had"] | null): Payloads["order.had"] | null => (had?.gone ? null : had);

/**
 * Folds a pane. Applying an entry twice changes nothing, nor does the order in which entries arrive. Undefined while
 * nobody has added the pane.
 */
export function foldPane(id: string, entries: readonly Entry[]): PaneBook | undefined {
  const log = readLog(entries);
  const own = log.standing.filter((e) => e.about.pane === id);
  const latest = new Map<Kind, Entry>();
  for (const e of own) latest.set(e.kind, e);
  const last = <K extends Kind>(kind: K): Payloads[K] | null =>
    (latest.get(kind) as EntryOf<K> | undefined)?.payload ?? null;

  const first = own.find((e) => e.kind === "pane.added");
  if (first?.kind !== "pane.added") return undefined;
  let added = first.payload;
  let sideTold = added.unsaid !== true && hasTwoSides(added.system);
  const steps = new Map<string, StepMark>();
  const written = new Map<Place, EntryOf<"measure.reading">>();
  const writtenAgain = new Map<OpeningPlace, EntryOf<"measure.again">>();
  const stoodBy = new Map<Place, string>();
  const checks = new Map<string, Payloads["signoff.check"]>();
  const notes: EntryOf<"note.written">[] = [];
  const visits = new Map<VisitPart, PlannedVisit>();
  const remakes = new Map<string, Payloads["remake.kept"]>();
  // What is said last of the state in which it was read stands: of one reading, or of all that were taken by then.
  const states = new Map<Place, Circumstance | null>();
  let state: Circumstance | null = null;
  for (const e of own) {
    switch (e.kind) {
      case "remake.kept":
        if (e.payload.gone) remakes.delete(e.payload.line);
        else remakes.set(e.payload.line, e.payload);
        break;
      case "pane.corrected":
        added = { ...added, ...stripUndefined(e.payload), ...(e.payload.system && { unsaid: undefined }) };
        sideTold ||= e.payload.side !== undefined && (e.payload.system === undefined || hasTwoSides(e.payload.system));
        break;
      case "step.marked":
        markStep(steps, e);
        break;
      case "measure.circumstance":
        state = e.payload.state;
        for (const place of states.keys()) if (!written.get(place)?.payload.copied) states.set(place, state);
        break;
      case "measure.reading":
        written.set(e.payload.place, e);
        states.set(e.payload.place, e.payload.copied ? "guess" : (e.payload.sure ?? state));
        break;
      case "measure.again":
        writtenAgain.set(e.payload.place, e);
        break;
      case "measure.stood-by":
        stoodBy.set(e.payload.place, e.payload.text);
        break;
      case "signoff.check":
        checks.set(e.payload.item, e.payload);
        break;
      case "plan.visit":
        if (e.payload.day === null) visits.delete(e.payload.part);
        else visits.set(e.payload.part, { ...e.payload, day: e.payload.day });
        break;
      case "note.written":
        notes.push(e);
        break;
    }
  }
  // Two read the same place apart: the later stands, and the other is a second reading of it.
  for (const { earlier } of log.apart)
    if (
      earlier.kind === "measure.reading" &&
      isOpeningPlace(earlier.payload.place) &&
      !writtenAgain.has(earlier.payload.place)
    )
      writtenAgain.set(earlier.payload.place, {
        ...earlier,
        kind: "measure.again",
        payload: { ...earlier.payload, place: earlier.payload.place },
      });
  const orders = ordersOf(log);
  const closedBy = latest.get("look.closed");
  const openedBy = latest.get("look.opened");
  const uncovered = closedBy !== undefined && openedBy !== undefined && own.indexOf(openedBy) > own.indexOf(closedBy);
  const overruled = latest.get("size.overruled");
  const dropped = latest.get("size.overrule-dropped");
  const shaped = latest.get("size.shaped");
  const unshaped = latest.get("size.shaped-dropped");
  const signed = latest.get("signoff.signed");
  const fit = latest.get("set.fit");
  const told = foldBefore(own);
  const ticked = last("look.damage")?.damage;
  const before = { ...told, exam: withTicked(told.exam, ticked ?? []) };
  const sideSaid = sideTold || !hasTwoSides(added.system);
  // What the examination comes to is what is wrong, until somebody ticks it otherwise.
  const examined = examVerdict(before.exam);
  const damage = ticked ?? examined.damage;
  return {
    id,
    log,
    before,
    added,
    sideSaid,
    heldSaid: added.unsaid !== true && sideSaid && leftToSay(added.system, before.detail).length === 0,
    steps,
    readings: readAll(written, states),
    again: readAll(writtenAgain, new Map()),
    stoodBy,
    way: wayOf(latest.get("measure.way"), latest.get("look.option"), own, [...written.keys()].some(isOpeningPlace)),
    circumstance: last("measure.circumstance")?.state ?? null,
    shape: last("measure.shape")?.shape ?? null,
    sits: last("measure.sits")?.sits ?? null,
    bars: last("measure.bars"),
    coating: last("measure.coating"),
    template: last("measure.template"),
    found: last("measure.found"),
    basis: last("size.basis")?.basis ?? "glass",
    risk: last("size.risk-taken"),
    checks,
    notes,
    orders,
    damage,
    cause: last("look.cause")?.cause ?? (isForLooks(damage) ? "wish" : null),
    urgency: last("look.urgency")?.urgency ?? examined.urgency,
    building: last("look.building") ?? { year: null, storey: null },
    closed: closedBy?.kind === "look.closed" && !uncovered ? closedBy.payload : null,
    uncovered,
    marks: last("takeout.marks"),
    sprigsFound: last("takeout.sprigs")?.found ?? null,
    rule: last("size.rule"),
    overrule:
      overruled?.kind === "size.overruled" && !(dropped && own.indexOf(dropped) > own.indexOf(overruled))
        ? overruled.payload
        : null,
    shaped:
      shaped?.kind === "size.shaped" && !(unshaped && own.indexOf(unshaped) > own.indexOf(shaped))
        ? shaped.payload
        : null,
    glass: last("specify.glass"),
    location: last("specify.location"),
    makeup: last("specify.makeup")?.makeup ?? null,
    exposure: last("specify.exposure")?.exposure ?? null,
    sash: last("specify.sash"),
    match: last("specify.match"),
    bed: last("specify.bed")?.compound ?? null,
    sun: last("specify.sun"),
    looks: last("specify.looks"),
    insertSafe: last("specify.insert")?.safety ?? null,
    panel: last("specify.panel")?.panel ?? null,
    hinges: last("specify.hinges"),
    parts: last("specify.parts"),
    stoodByOrder: last("order.stood-by"),
    line: newestLine(id, orders, own),
    had: hadOf(last("order.had")),
    cutHere: last("order.cut-here")?.here === true,
    set: last("set.done"),
    tag: last("set.tag")?.tag ?? null,
    facing: last("set.facing"),
    fit: fit?.kind === "set.fit" ? { went: fit.payload, who: fit.who, at: fit.at } : null,
    remakes,
    visit: last("finish.visit"),
    visits,
    painted: last("finish.painted")?.day ?? null,
    paintLeft: last("finish.paint-left"),
    materials: own.flatMap((e) => (e.kind === "set.material" ? [e.payload] : [])),
    snags: [
      ...new Map(
        own.flatMap((e) => (e.kind === "signoff.snag" ? [[e.payload.snag, e.payload] as const] : [])),
      ).values(),
    ],
    signed: signed?.kind === "signoff.signed" ? { ...signed.payload, who: signed.who } : null,
  };
}

function markStep(steps: Map<string, StepMark>, e: EntryOf<"step.marked">): void {
  const key = stepKey(e.payload.station, e.payload.step);
  if (e.payload.state === "open") steps.delete(key);
  else steps.set(key, { state: e.payload.state, reason: e.payload.reason, who: e.who, at: e.at });
}

function ordersOf(log: Log): readonly OrderBook[] {
  const ids = new Set(log.standing.flatMap((e) => e.about.order ?? []));
  return [...ids].flatMap((order) => foldOrder(order, log) ?? []);
}

function newestLine(pane: string, orders: readonly OrderBook[], own: readonly Entry[]): PaneBook["line"] {
  const place = new Map(own.map((e, i) => [e.id, i]));
  const at = (l: { readonly line: OrderLine }): number => place.get(l.line.entry) ?? -1;
  const lines = orders
    .flatMap((order) =>
      order.lines.filter((l) => l.pane === pane && l.state !== "dropped").map((line) => ({ order, line })),
    )
    .sort((a, b) => at(a) - at(b));
  // One that is on its way or here counts before a newer one of which nothing came.
  return lines.findLast((l) => LINE_STATE_FACTS[l.line.state].stands !== null) ?? lines.at(-1) ?? null;
}

const stripUndefined = <T extends object>(o: T): { [K in keyof T]: Exclude<T[K], undefined> } =>
  Object.fromEntries(Object.entries(o).filter(([, v]) => v !== undefined)) as {
    [K in keyof T]: Exclude<T[K], undefined>;
  };
