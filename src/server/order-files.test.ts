import Papa from "papaparse";
import { describe, expect, it } from "vitest";
import { ORDER, PANE, Teller, uuid } from "../../tests/support/told.ts";
import { readLog } from "../core/log/standing-entries.ts";
import { foldOrder } from "../core/pane/order-book.ts";
import { PREFS_DEFAULT } from "../core/words/prefs.ts";
import { orderCsv, orderJson } from "./order-files.ts";

const order = (label: string, pattern = "") => {
  const t = new Teller().opened().added();
  t.tell("order.opened", { supplier: "S", reference: "OR-1" }, { order: ORDER });
  t.tell(
    "order.line",
    {
      line: uuid(1),
      widthNm: 608e6,
      heightNm: 900e6,
      thicknessNm: 4e6,
      glass: "toughened",
      edges: "arrissed",
      pattern,
      label,
      grid: "1 mm",
    },
    { order: ORDER, pane: PANE },
  );
  const found = foldOrder(ORDER, readLog(t.entries));
  if (!found) throw new Error("no order");
  return found;
};
const parse = (csv: string) => Papa.parse<Record<string, string>>(csv, { header: true, skipEmptyLines: true }).data;

describe("an order as a file", () => {
  it("has sizes in the reader's unit and in exact millimetres, and says that nothing more comes off", () => {
    const [row] = parse(orderCsv(order('No. 5, "back", bedroom'), { ...PREFS_DEFAULT, unit: "in", dialect: "b" }));
    expect(row).toMatchObject({
      "width in": "23 29/32",
      "height in": "35 13/32",
      "width mm": "608",
      "height mm": "900",
      glass: "tempered",
      basis: "glass size",
      label: 'No. 5, "back", bedroom',
    });
  });
  it("lets no label run as a formula in a spreadsheet", () => {
    for (const label of ["=1+1", "+1", "-1", "@x"]) {
      const [row] = parse(orderCsv(order(label, label), PREFS_DEFAULT));
      expect([row?.["label"], row?.["pattern"]]).toEqual([`'${label}`, `'${label}`]);
    }
  });
  it("as JSON keeps nanometres", () =>
    expect(orderJson(order("L")).lines).toMatchObject([{ widthNm: 608e6, massKg: 5.472, state: "open" }]));
});
