import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { ORDER, ORDER_LINE, PANE, Teller, uuid } from "../../tests/support/told.ts";
import type { Payloads } from "../core/log/kinds.ts";
import { readLog } from "../core/log/standing-entries.ts";
import { foldOrder, type OrderBook } from "../core/pane/order-book.ts";
import { orderText } from "./documents/order-text.ts";
import { templateDxf, templateSvg } from "./documents/template.ts";
import { orderCsv, orderJson, specOf } from "./order-files.ts";
import { readOrderFile } from "./read-order.ts";

const prefs = { unit: "mm", dialect: "a", who: "Nell" } as never;
const orderOf = (...lines: readonly Payloads["order.line"][]): OrderBook => {
  const t = new Teller();
  t.tell("order.opened", { supplier: "=Shop, the corner", reference: "OR-1" }, { order: ORDER });
  for (const l of lines) t.tell("order.line", l, { order: ORDER, pane: PANE });
  const order = foldOrder(ORDER, readLog(t.entries));
  if (!order) throw new Error("no order");
  return order;
};
const read = (what: "order" | "note", format: "csv" | "json", text: string) => {
  const got = readOrderFile({ what, format, text });
  if (!got.ok) throw new Error(got.error.message);
  return got.value;
};

const UNIT: Payloads["order.line"] = {
  ...ORDER_LINE,
  line: uuid(0xd1),
  thicknessNm: 24_000_000,
  label: "+No. 5; “back”",
  pattern: "@reeded",
  makeup: {
    panes: [
      { mm: 4, kind: "float" },
      { mm: 4, kind: "float" },
    ],
    cavities: [{ mm: 16, gas: "argon", fill: 0.9 }],
    coatings: [{ face: 3, emissivity: 0.05 }],
    spacer: "warm edge, black",
  },
  bars: {
    uprights: 1,
    crosses: 0,
    width: { text: "18", unit: "mm" },
    colour: "white",
    kind: "flat",
    spacing: "even",
    given: "",
  },
  parts: ["beads"],
  note: "left hand",
};

describe("an order as a file", () => {
  it.each(["csv", "json"] as const)("%s, written and read again, is the same to the nanometre", (format) => {
    const order = orderOf(ORDER_LINE, UNIT);
    const text = format === "csv" ? `\ufeff${orderCsv(order, prefs)}` : JSON.stringify(orderJson(order));
    const back = read("order", format, text);
    expect(back.errors).toEqual([]);
    expect([back.order?.supplier, back.order?.reference]).toEqual(["=Shop, the corner", "OR-1"]);
    expect(back.order?.lines.map((l) => ({ ...l }))).toEqual(
      order.lines.map((l) => ({
        line: l.line,
        pane: l.pane,
        label: l.label,
        widthNm: l.widthNm,
        heightNm: l.heightNm,
        thicknessNm: l.thicknessNm,
        ...specOf(l),
      })),
    );
  });
  it("whatever size it is", () => {
    const nm = fc.integer({ min: 1_000_000, max: 6_000_000_000 });
    fc.assert(
      fc.property(nm, nm, fc.string({ maxLength: 40 }), (widthNm, heightNm, label) => {
        const order = orderOf({ ...ORDER_LINE, widthNm, heightNm, label });
        for (const [format, text] of [
          ["csv", orderCsv(order, prefs)],
          ["json", JSON.stringify(orderJson(order))],
        ] as const) {
          const [line] = read("order", format, text).order?.lines ?? [];
          expect([line?.widthNm, line?.heightNm]).toEqual([widthNm, heightNm]);
        }
      }),
      { numRuns: 40 },
    );
  });
  it.each<[string, "csv" | "json", string, number, RegExp]>([
    ["no JSON", "json", "{", 1, /not JSON/],
    ["no lines", "json", JSON.stringify({ supplier: "A", reference: "", lines: [] }), 1, /lines/],
    [
      "a line without its pane, the second",
      "json",
      JSON.stringify({
        ...orderJson(orderOf(ORDER_LINE)),
        lines: [orderJson(orderOf(ORDER_LINE)).lines[0], { line: uuid(1) }],
      }),
      2,
      /pane/,
    ],
    ["a heading is missing", "csv", "line,pane\r\n1,2\r\n", 1, /no column width nm/],
    [
      "a size that is none",
      "csv",
      orderCsv(orderOf(ORDER_LINE), prefs).replace(/,"608000000",/, ',"wide",'),
      2,
      /width nm, height nm and thickness mm must be numbers/,
    ],
    ["what was written out is broken", "csv", orderCsv(orderOf(ORDER_LINE), prefs).replace("{", "["), 2, /spec/],
  ])("%s", (_, format, text, row, says) => {
    const back = read("order", format, text);
    expect(back.order).toBeNull();
    expect(back.errors[0]?.row).toBe(row);
    expect(back.errors.map((e) => e.says).join("\n")).toMatch(says);
  });
});

describe("a delivery note as a file", () => {
  const csv = `line,width mm,height mm,thickness mm,says\r\n${ORDER_LINE.line},608.4,900,4,float\r\n`;
  it("CSV in millimetres", () => {
    expect(read("note", "csv", csv).note?.lines).toEqual([
      { line: ORDER_LINE.line, widthNm: 608_400_000, heightNm: 900_000_000, thicknessNm: 4_000_000, says: "float" },
    ]);
  });
  it("JSON in nanometres", () => {
    const lines = [{ line: ORDER_LINE.line, widthNm: 608_400_000, heightNm: 900_000_000, thicknessNm: 4_000_000 }];
    expect(read("note", "json", JSON.stringify({ theirs: "S-1", lines })).note?.theirs).toBe("S-1");
  });
  it("says which row is wrong", () => {
    const back = read("note", "csv", `${csv}${uuid(1)},wide,900,4,\r\n`);
    expect(back.errors).toEqual([{ row: 3, says: "width mm: give a number of millimetres, like 608.5." }]);
  });
});

describe("an order to paste", () => {
  it("groups what is truly equal, and only that", () => {
    const text = orderText(
      orderOf(
        ORDER_LINE,
        { ...ORDER_LINE, line: uuid(0xd2), label: "No. 6" },
        { ...ORDER_LINE, line: uuid(0xd3), edges: "polished", label: "No. 7" },
      ),
      prefs,
    );
    expect(text).toMatch(/^1\. 2 off 608 × 900 mm; .*labels: No\. 5 \/ No\. 6$/m);
    expect(text).toMatch(/^2\. 1 off 608 × 900 mm; .*polished edges; label: No\. 7$/m);
    expect(text).toContain("3 panes.");
  });
});

describe("a template of a shaped pane", () => {
  const corners = [
    { x: 0, y: 0 },
    { x: 602_000_000, y: 0 },
    { x: 608_500_000, y: 897_000_000 },
    { x: 3_000_000, y: 899_000_000 },
  ];
  it("DXF: millimetres, one closed line with its four corners on its own layer", () => {
    const dxf = templateDxf(corners);
    const lines = dxf.split(/\r?\n/).map((l) => l.trim());
    const units = lines.indexOf("$INSUNITS");
    expect(lines[units + 2]).toBe("4");
    expect(lines.filter((l) => l === "LWPOLYLINE")).toHaveLength(1);
    expect(lines).toContain("GLASS");
    for (const v of ["602", "608.5", "897", "899"]) expect(lines).toContain(v);
  });
  it("SVG: full size, y turned down, its label safe", () => {
    const svg = templateSvg(corners, 'No. 5 <b>"');
    expect(svg).toContain('width="608.5mm" height="899mm"');
    expect(svg).toContain('d="M0 899L602 899L608.5 2L3 0Z"');
    expect(svg).not.toContain("<b>");
  });
});
