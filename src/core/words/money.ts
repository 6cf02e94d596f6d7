/** Whole pence as money. @example money(23340, "£") // "£233.40" */
export const money = (pence: number, currency: string): string =>
  `${currency}${Math.floor(pence / 100).toLocaleString("en")}.${String(pence % 100).padStart(2, "0")}`;
