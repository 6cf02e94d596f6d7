/** At whose cost a pane that broke is made again. */
export const WHOSE = ["ours", "supplier", "customer", "not-known"] as const;
export type Whose = (typeof WHOSE)[number];

export const HAD_FROM = ["bought", "rack", "cut", "brought"] as const;
export type HadFrom = (typeof HAD_FROM)[number];
export const HAD_NAMES: Readonly<Record<HadFrom, string>> = {
  bought: "bought over the counter",
  rack: "off the rack",
  cut: "cut here",
  brought: "brought by the customer",
};

export const WHOSE_NAMES: Readonly<Record<Whose, string>> = {
  ours: "ours to pay",
  supplier: "the supplier's to make good",
  customer: "the customer's to pay",
  "not-known": "whose is not settled",
};
