import type { FirmPayloads } from "../log/kinds/firm.ts";
import type { Entry } from "../log/kinds.ts";
import type { FirmPlan } from "./may.ts";

/** What of the firm's own a guest is shown: all, what is about an address of their round, or nothing. */
type Shown = "all" | "of-their-round" | "nothing";

/** A page carries the firm's entries, for it is worked out where it is read: of these a guest's page leaves out what is nobody else's to read. */
const GUEST_SEES: { readonly [K in keyof FirmPayloads | FirmPlan]: Shown } = {
  "plan.person": "nothing",
  "plan.away": "nothing",
  "plan.road": "nothing",
  "plan.where": "nothing",
  "plan.weight": "nothing",
  "plan.late": "nothing",
  "round.opened": "all",
  "round.weather": "all",
  "weather.told": "all",
  "round.day-off": "all",
  "house.rule": "all",
  // A size follows from whose tape read it.
  "person.figure": "all",
  // And from who cuts it.
  "supplier.figure": "all",
  "person.explains": "nothing",
  "person.asked": "nothing",
  "supplier.added": "all",
  // A size may follow from what lies there; what it cost does not belong to it.
  "stock.pane": "all",
  "stock.cut": "nothing",
  "stock.counted": "nothing",
  "stock.insert": "all",
  "firm.details": "all",
  "customer.kept": "of-their-round",
  "customer.forgotten": "nothing",
  "building.lead": "of-their-round",
  "profile.known": "all",
  "work.took": "nothing",
  "supplier.terms": "nothing",
  "lesson.kept": "nothing",
  "bed.usual": "all",
  "compound.kept": "all",
  "shelf.kept": "nothing",
  "kit.forgot": "nothing",
  "bench.cutter": "nothing",
};

/**
 * Of the firm's entries, those that a guest's page carries: no customer of another round, nobody's terms, hours or minutes.
 * @example two customers kept, one at an address of the round // the one
 */
export function forGuest(entries: readonly Entry[], addresses: ReadonlySet<string>): readonly Entry[] {
  const shown = entries.flatMap((e): readonly Entry[] => {
    if (!Object.hasOwn(GUEST_SEES, e.kind)) return [];
    const sees = GUEST_SEES[e.kind as keyof typeof GUEST_SEES];
    if (sees === "nothing") return [];
    if (sees === "of-their-round" && !("address" in e.payload && addresses.has(e.payload.address ?? ""))) return [];
    return e.kind === "stock.pane" ? [{ ...e, payload: { ...e.payload, costPence: undefined } }] : [e];
  });
  const ids = new Set(shown.map((e) => e.id));
  // A strike goes along with what it strikes.
  const struck = entries.filter((e) => e.kind === "struck" && ids.has(e.payload.entry));
  return struck.length === 0 ? shown : [...shown, ...struck];
}
