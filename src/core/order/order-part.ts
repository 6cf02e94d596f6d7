/** Which orders are looked at: those in hand first, since what is checked in is done with. */
export const ORDER_PARTS = ["in-hand", "open", "sent", "late", "arrived", "checked", "all"] as const;
export type OrderPart = (typeof ORDER_PARTS)[number];

export const ORDER_PART_NAMES: Readonly<Record<OrderPart, string>> = {
  "in-hand": "in hand",
  open: "not sent yet",
  sent: "on their way",
  late: "late",
  arrived: "to be checked in",
  checked: "checked in",
  all: "all",
};

/** What is asked for in an address; anything else is what is in hand. @example orderPartOf("late") // "late" */
export const orderPartOf = (asked: string | null): OrderPart => ORDER_PARTS.find((p) => p === asked) ?? "in-hand";
