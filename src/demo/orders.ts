import { pence } from "../core/money/pence.ts";
import type { Extra, Per } from "../core/order/price.ts";
import type { GlassKind } from "../core/specify/glass.ts";
import type { Makeup } from "../core/specify/makeup.ts";
import { mm } from "../core/units/length.ts";
import type { Story } from "./story.ts";
import type { ToldPane } from "./told-pane.ts";

export const SALT_LANE = "Salt Lane Glass Counter";
export const FEN_END = "Fen End Sealed Units";
export const HERONSGATE = "Heronsgate Door Works";

export function tellSuppliers(story: Story): void {
  story.tell(
    "supplier.added",
    {},
    { name: SALT_LANE, cuts: "float, patterned, laminated; cut while you wait", unit: "mm", leadDays: 1 },
  );
  story.tell("supplier.added", {}, { name: FEN_END, cuts: "sealed units, toughened", unit: "mm", leadDays: 8 });
  story.tell("supplier.added", {}, { name: HERONSGATE, cuts: "door inserts, complete", unit: "in", leadDays: 6 });
  const product = (what: string, perM2: number) => ({ product: what, pencePerM2: pence(perM2) });
  const extra = (what: Extra, each: number, per: Per) => ({ extra: what, pence: pence(each), per });
  story.tell(
    "supplier.terms",
    {},
    {
      name: SALT_LANE,
      makes: ["single", "laminated"],
      grid: "1 mm",
      tolerance: { smallMm: 1, largeMm: 1.5 },
      leastPence: pence(1800),
      deliveryPence: pence(0),
      products: [
        product("float/3", 4200),
        product("float/4", 4800),
        product("float/6", 6900),
        product("patterned/4", 6400),
        product("laminated/6.4", 9800),
      ],
      extras: [extra("polished", 350, "metre"), extra("shape", 1200, "each"), extra("pattern", 250, "permille")],
    },
  );
  story.tell(
    "supplier.terms",
    {},
    {
      name: FEN_END,
      makes: ["units", "toughened", "laminated"],
      grid: "1 mm",
      takes: "simulated",
      leastPence: pence(3500),
      deliveryPence: pence(1500),
      products: [
        product("unit/2", 9600),
        product("unit/3", 15200),
        product("toughened/4", 7800),
        product("toughened/6", 9900),
        product("laminated/6.4", 10400),
      ],
      extras: [
        extra("coating", 120, "permille"),
        extra("argon", 60, "permille"),
        extra("toughened-sheet", 2600, "m2"),
        extra("laminated-sheet", 4100, "m2"),
        extra("bars", 450, "each"),
        extra("pattern", 1800, "m2"),
        extra("shape", 2000, "each"),
      ],
    },
  );
  story.tell(
    "supplier.terms",
    {},
    {
      name: HERONSGATE,
      makes: ["inserts"],
      takes: "by-hand",
      leastPence: pence(14000),
      deliveryPence: pence(1200),
      products: [product("unit/2", 21000)],
      extras: [],
    },
  );
}

export type Line = {
  readonly pane: ToldPane;
  readonly label: string;
  readonly size: readonly [number, number];
  readonly thickness?: number;
  readonly glass?: GlassKind;
  readonly makeup?: Makeup;
};

/** Opens an order and puts its lines on it; answers with the order's id and the lines' ids. */
export function openOrder(story: Story, supplier: string, reference: string, lines: readonly Line[]) {
  const order = story.id();
  story.tell("order.opened", { order }, { supplier, reference });
  const ids = lines.map((l) => {
    const line = story.id();
    story.tell(
      "order.line",
      { order, pane: l.pane.id },
      {
        line,
        widthNm: mm(l.size[0]),
        heightNm: mm(l.size[1]),
        thicknessNm: mm(l.thickness ?? 4),
        glass: l.glass ?? "float",
        edges: "arrissed",
        pattern: "",
        label: l.label,
        grid: "1 mm",
        ...(l.makeup && { makeup: l.makeup }),
      },
    );
    return line;
  });
  return { order, lines: ids };
}
