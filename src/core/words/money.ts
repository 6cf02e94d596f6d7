import type { Pence } from "../money/pence.ts";

/** Money as a field or a file has it. @example plainMoney(pence(6450)) // "64.50" */
export const plainMoney = (pence: Pence): string => {
  const all = Math.abs(pence);
  return `${pence < 0 ? "-" : ""}${Math.floor(all / 100)}.${String(all % 100).padStart(2, "0")}`;
};

/** Money as it is read. @example money(pence(123340), "£") // "£1,233.40"; what was lost // "−£1.50" */
export const money = (pence: Pence, currency: string): string => {
  const all = Math.abs(pence);
  const whole = Math.floor(all / 100).toLocaleString("en");
  return `${pence < 0 ? "−" : ""}${currency}${whole}.${String(all % 100).padStart(2, "0")}`;
};
