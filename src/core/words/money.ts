import type { Pence } from "../money/pence.ts";

/** Money as a field or a file has it. @example plainMoney(pence(6450)) // "64.50" */
export const plainMoney = (of: Pence): string => {
  const all = Math.abs(of);
  return `${of < 0 ? "-" : ""}${Math.floor(all / 100)}.${String(all % 100).padStart(2, "0")}`;
};

/** Money as it is read. @example money(pence(123340), "£") // "£1,233.40"; what was lost // "−£1.50" */
export const money = (of: Pence, currency: string): string => {
  const all = Math.abs(of);
  const whole = Math.floor(all / 100).toLocaleString("en");
  return `${of < 0 ? "−" : ""}${currency}${whole}.${String(all % 100).padStart(2, "0")}`;
};
