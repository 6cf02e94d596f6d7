import type { HadFrom, Whose } from "../log/payloads-order.ts";

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
