import { isLabelSheet } from "../../core/order/label-sheets.ts";
import type { LabelsOn } from "../documents/labels-pdf.ts";

/** Which sheet, and how many of it are used; anything strange is the usual sheet, from its first. */
export function labelsOn(asked: URLSearchParams): LabelsOn {
  const sheet = asked.get("sheet") ?? "";
  return { sheet: isLabelSheet(sheet) ? sheet : "14", used: Number(asked.get("used")) || 0 };
}
