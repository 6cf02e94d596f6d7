import type { orderStage } from "../pane/order-book.ts";

/** Where an order is as a whole, in words. */
export const STAGE_WORDS: Readonly<Record<ReturnType<typeof orderStage>, string>> = {
  open: "not sent yet",
  sent: "on its way",
  arrived: "to be checked in",
  checked: "checked in",
};
