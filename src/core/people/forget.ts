import type { Entry, Kind, Payloads } from "../log/kinds.ts";

/** What stands where a text was taken out. */
export const FORGOTTEN = "removed";

/**
 * What of an entry is written by hand about a customer or could name one: taken out when they ask to be forgotten. Sizes,
 * choices, days and who of the firm did the work stay: the sums of the log do not change. A kind that is not here does not
 * compile; an empty list says that it tells of nobody.
 */
const TELLS: { readonly [K in Kind]: readonly (keyof Payloads[K] & string)[] } = {
  "round.opened": [],
  "round.weather": [],
  "weather.told": [],
  "round.day-off": [],
  "house.rule": [],
  "person.figure": [],
  "supplier.figure": [],
  "person.explains": [],
  "person.asked": [],
  "supplier.added": [],
  "stock.pane": [],
  "stock.cut": [],
  "stock.counted": [],
  "stock.insert": [],
  "firm.details": [],
  "customer.kept": ["name", "telephone", "keyHolder"],
  "customer.forgotten": [],
  "building.lead": [],
  "profile.known": [],
  "work.took": [],
  "supplier.terms": [],
  "lesson.kept": [],
  "bed.usual": [],
  "compound.kept": [],
  "shelf.kept": [],
  "kit.forgot": [],
  "bench.cutter": [],
  "pane.added": [],
  "pane.corrected": [],
  "note.written": ["text"],
  "step.marked": ["reason"],
  struck: ["reason"],
  unread: [],
  "step.sides": [],
  "photo.added": ["caption"],
  "photo.marked": ["caption"],
  "photo.off": [],
  "look.damage": [],
  "look.cause": [],
  "look.urgency": [],
  "look.building": [],
  "look.closed": ["told"],
  "look.opened": [],
  "look.answer": [],
  "look.opens": [],
  "look.special": ["licensed"],
  "look.condition": ["note"],
  "look.option": ["reason"],
  "look.earlier": [],
  "look.wants": ["minds"],
  "takeout.marks": [],
  "takeout.sprigs": [],
  "takeout.detail": [],
  "takeout.front": [],
  "takeout.joints": [],
  "takeout.map": [],
  "takeout.map-off": [],
  "takeout.counted": [],
  "takeout.profile": [],
  "takeout.broken": [],
  "waste.out": [],
  "hands.booked": [],
  "measure.reading": [],
  "measure.again": [],
  "measure.stood-by": [],
  "measure.way": [],
  "measure.circumstance": [],
  "measure.shape": [],
  "measure.template": [],
  "measure.sits": [],
  "measure.bars": [],
  "measure.coating": [],
  "measure.found": [],
  "size.rule": [],
  "size.overruled": ["reason"],
  "size.overrule-dropped": [],
  "size.shaped": ["reason"],
  "size.shaped-dropped": [],
  "size.basis": [],
  "size.risk-taken": ["reason"],
  "specify.glass": [],
  "specify.location": [],
  "specify.makeup": [],
  "specify.exposure": [],
  "specify.looks": [],
  "specify.panel": [],
  "specify.hinges": [],
  "specify.bed": [],
  "specify.sun": [],
  "specify.parts": ["note"],
  "specify.insert": [],
  "specify.sash": [],
  "specify.match": ["note"],
  "order.opened": [],
  "order.line": [],
  "order.line-dropped": ["reason"],
  "order.sent": [],
  "order.arrived": [],
  "order.checked": ["reason"],
  "order.stood-by": ["reason"],
  "order.read-back": [],
  "order.handed": [],
  "order.acknowledged": [],
  "order.asked": [],
  "order.answered": [],
  "order.note": [],
  "order.outcome": ["note"],
  "order.promised": [],
  "order.chased": [],
  "order.broke": ["note"],
  "order.had": ["note"],
  "order.cut-here": [],
  "quote.made": [],
  "quote.spent": [],
  "quote.answered": ["note"],
  "ready.dry-fit": ["note"],
  "ready.hardware": [],
  "ready.drains": ["note"],
  "refurbish.gaps": [],
  "refurbish.panes": [],
  "refurbish.unit": [],
  "refurbish.weighed": [],
  "refurbish.cleaned": [],
  "refurbish.closed": [],
  "set.done": [],
  "set.material": [],
  "set.tag": [],
  "set.facing": [],
  "finish.painted": [],
  "finish.paint-left": ["note"],
  "finish.visit": [],
  "signoff.snag": ["says"],
  "signoff.check": ["note"],
  "signoff.signed": [],
  "set.fit": [],
  "remake.kept": ["note"],
  "plan.person": [],
  "plan.away": [],
  "plan.road": [],
  "plan.where": [],
  "plan.weight": [],
  "plan.visit": ["why"],
  "plan.late": [],
  "plan.told": ["says"],
};

/** The kinds that can tell of a customer. */
export const TELLING: readonly Kind[] = (Object.keys(TELLS) as Kind[]).filter((k) => TELLS[k].length > 0);

/** Addresses are the same however they were typed. */
export const sameAddress = (a: string, b: string): boolean => a.trim().toLowerCase() === b.trim().toLowerCase();

/**
 * Whether an entry tells of whoever was at an address: of the address itself, or of one of its panes.
 * @example a note on a pane that is not there // false
 */
export function tellsOf(e: Pick<Entry, "kind" | "about" | "payload">, address: string, panes: ReadonlySet<string>) {
  if (!Object.hasOwn(TELLS, e.kind) || TELLS[e.kind].length === 0) return false;
  if (e.kind === "customer.kept") return sameAddress((e.payload as Payloads["customer.kept"]).address, address);
  return e.about.pane !== undefined && panes.has(e.about.pane);
}

/** The same payload with what it tells of a customer taken out. @example a note // its text is "removed" */
export function emptied<P>(kind: Kind, payload: P): P {
  const fields: readonly string[] = TELLS[kind] ?? [];
  const was = payload as Readonly<Record<string, unknown>>;
  const out = Object.fromEntries(
    fields.filter((f) => typeof was[f] === "string" && was[f] !== "").map((f) => [f, FORGOTTEN]),
  );
  return { ...payload, ...out };
}

/** The panes at an address among these entries: where each is said to be by now. */
function panesAmong(all: readonly Entry[], address: string): ReadonlySet<string> {
  const at = new Map<string, string>();
  for (const e of all) {
    const said = e.kind === "pane.added" || e.kind === "pane.corrected" ? e.payload.address : undefined;
    if (said !== undefined && e.about.pane) at.set(e.about.pane, said);
  }
  return new Set([...at].flatMap(([pane, where]) => (sameAddress(where, address) ? [pane] : [])));
}

/**
 * Of the entries that a device keeps, in their order: those to be written over because somebody among them asked to be
 * forgotten, and the photos that go with them.
 */
export function writtenOver(all: readonly Entry[]): {
  readonly entries: readonly Entry[];
  readonly photos: readonly string[];
} {
  const out = new Map<string, Entry>();
  const photos = new Set<string>();
  for (const asked of all) {
    if (asked.kind !== "customer.forgotten") continue;
    const here = panesAmong(all, asked.payload.address);
    for (const e of all) {
      if (e.at > asked.at || !tellsOf(e, asked.payload.address, here)) continue;
      out.set(e.id, { ...e, payload: emptied(e.kind, e.payload) } as Entry);
      if (e.kind === "photo.added") photos.add(e.payload.photo);
    }
  }
  return { entries: [...out.values()], photos: [...photos] };
}
