import { type Pence, pence } from "./pence.ts";

const MONEY = /^[£$€]?\s*(\d{1,7}|\d{1,3}(?:[ ,]\d{3})+)(?:[.,](\d{1,2}))?$/;

/** Money as somebody wrote it; null for anything else. @example "55", "£55.5", "55,50", "1,250.00" // 5500, 5550, 5550, 125000 */
export const penceIn = (text: string): Pence | null => {
  const found = MONEY.exec(text.trim());
  if (!found) return null;
  const whole = (found[1] ?? "0").replace(/[ ,]/g, "");
  return pence(Number(whole) * 100 + Number((found[2] ?? "").padEnd(2, "0")));
};
