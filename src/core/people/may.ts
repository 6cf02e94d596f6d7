import type { FirmPayloads } from "../log/kinds/firm.ts";
import type { PlanPayloads } from "../log/kinds/plan.ts";
import type { Kind } from "../log/kinds.ts";
import type { Role } from "./role.ts";

/** All that can be done here, as far as it matters who does it. */
export type Doing =
  /** What needs nobody signed in: the way in, and whether the server stands. */
  | "come-in"
  /** One's own session, password, passkeys and PIN. */
  | "own-account"
  /** Sums that read nothing of the firm's. */
  | "calculate"
  /** A round, its panes and its photos. */
  | "read-round"
  /** All rounds, orders, house rules, suppliers and the whole log. */
  | "read-firm"
  /** Entries about panes, rounds and orders; photos; instruments; orders handed over. */
  | "write-work"
  /** House rules, prices, lists, details of the firm and its suppliers. */
  | "write-firm"
  /** The whole firm or a round as an archive, copies of the file, removing a customer. */
  | "take-out"
  /** Who may come in, their devices, keys, and the audit page. */
  | "people"
  /** A supplier's system, by a key of its own. */
  | "supply";

/** Who may do what. A row that is missing does not compile; what no row allows is refused. */
export const MAY: { readonly [D in Doing]: readonly Role[] } = {
  "come-in": ["owner", "office", "glazier", "guest"],
  "own-account": ["owner", "office", "glazier", "guest"],
  calculate: ["owner", "office", "glazier", "guest"],
  "read-round": ["owner", "office", "glazier", "guest"],
  "read-firm": ["owner", "office", "glazier"],
  "write-work": ["owner", "office", "glazier"],
  "write-firm": ["owner", "office"],
  "take-out": ["owner"],
  people: ["owner"],
  supply: ["owner", "office", "glazier"],
};

/**
 * Whether a role may do something.
 * @example may("guest", "write-work") // false
 */
export const may = (role: Role, doing: Doing): boolean => MAY[doing].includes(role);

/** Of the plan, what is about no pane. */
export type FirmPlan = Exclude<keyof PlanPayloads, "plan.visit" | "plan.told">;
type Writing = "write-work" | "write-firm" | "take-out";

/** Of what is the firm's own, what any glazier writes as work goes on, and what the office decides. */
const OF_THE_FIRM: { readonly [K in keyof FirmPayloads | FirmPlan]: Writing } = {
  "plan.person": "write-firm",
  "plan.away": "write-work",
  "plan.road": "write-firm",
  "plan.where": "write-work",
  "plan.weight": "write-firm",
  "plan.late": "write-work",
  "round.opened": "write-work",
  "round.weather": "write-work",
  "weather.told": "write-work",
  "round.day-off": "write-firm",
  "house.rule": "write-firm",
  "person.figure": "write-work",
  "supplier.figure": "write-firm",
  "person.explains": "write-work",
  "person.asked": "write-work",
  "supplier.added": "write-firm",
  "stock.pane": "write-work",
  "stock.cut": "write-work",
  "stock.counted": "write-work",
  "stock.insert": "write-work",
  "firm.details": "write-firm",
  "customer.kept": "write-work",
  "customer.forgotten": "take-out",
  "building.lead": "write-work",
  "profile.known": "write-work",
  "work.took": "write-work",
  "supplier.terms": "write-firm",
  "lesson.kept": "write-work",
  "bed.usual": "write-firm",
  "compound.kept": "write-firm",
  "shelf.kept": "write-work",
  "kit.forgot": "write-work",
  "bench.cutter": "write-work",
};

/**
 * What writing an entry of this kind is. A pane, an order, a round: work; the firm's own by the table above.
 * @example writing("house.rule") // "write-firm"
 */
export const writing = (kind: Kind): Writing =>
  Object.hasOwn(OF_THE_FIRM, kind) ? OF_THE_FIRM[kind as keyof typeof OF_THE_FIRM] : "write-work";
