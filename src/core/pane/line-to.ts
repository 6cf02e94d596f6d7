import type { Firm } from "../firm/firm.ts";
import { theirsLarger } from "../learn/supplier-rule.ts";
import { lineFor } from "../order/gathered.ts";

type Knows = Pick<Firm, "house" | "terms" | "ofSuppliers">;
type Line = Parameters<typeof lineFor>[0] & { readonly makeup?: object | undefined };

/** What is known of how large a supplier sends such a thing, beside what a size goes by; null where nobody took a figure on. */
export const largerFrom = (line: Line, supplier: string, firm: Knows): ReturnType<typeof theirsLarger> =>
  theirsLarger(firm.house, firm.ofSuppliers.get(supplier), line.makeup !== undefined);

/** A line as it goes to this supplier: by their grid, and by what the firm's own deliveries say of them. */
export const lineTo = <L extends Line>(line: L, supplier: string, firm: Knows): L =>
  lineFor(line, firm.terms.get(supplier), largerFrom(line, supplier, firm)?.by);
