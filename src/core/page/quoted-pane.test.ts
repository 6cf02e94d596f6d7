import { describe, expect, it } from "vitest";
import { PLAIN_DAYS as calendar } from "../../../tests/support/plain-days.ts";
import { PANE, Teller } from "../../../tests/support/told.ts";
import { foldFirm } from "../firm/fold-firm.ts";
import type { System } from "../frame/systems.ts";
import { HOUSE_DEFAULTS } from "../house/rules.ts";
import { pence } from "../money/pence.ts";
import { foldPane } from "../pane/book.ts";
import { reckon } from "../pane/reckoning.ts";
import { pastOf } from "../steps/past.ts";
import { dayOf } from "../units/day.ts";
import { quotedPane } from "./quoted-pane.ts";

/* A pane as it is quoted: never more of its glass than is known, and at the price of what is put in. */

/** Somebody who makes units at 80 a square metre in eight days, and inserts in two. */
const firm = (() => {
  const t = new Teller(500);
  t.tell("supplier.added", { name: "Fen End", cuts: "units", unit: "mm", leadDays: 8 }, {});
  t.tell("supplier.added", { name: "Door Works", cuts: "inserts", unit: "mm", leadDays: 2 }, {});
  const list = {
    products: [{ product: "unit/2", pencePerM2: pence(8000) }],
    extras: [],
    leastPence: pence(0),
    deliveryPence: pence(0),
  };
  t.tell("supplier.terms", { name: "Fen End", makes: ["units"], ...list }, {});
  t.tell("supplier.terms", { name: "Door Works", makes: ["inserts"], ...list, products: [] }, {});
  return foldFirm(t.entries);
})();

function quoted(system: System, tell: (t: Teller) => void) {
  const t = new Teller().opened().added(PANE, system);
  tell(t);
  const book = foldPane(PANE, t.entries);
  if (!book) throw new Error("no pane");
  const r = reckon(book, { house: HOUSE_DEFAULTS, calendar });
  const q = quotedPane(book, r, { firm, today: dayOf("2026-05-20"), record: [], dialect: "a", unit: "mm" });
  return (
    q && {
      minutes: q.minutes,
      glass: q.glass,
      pence: q.glassPence,
      others: q.others.map((o) => o.says),
    }
  );
}
const copied = (t: Teller) => {
  t.tell("measure.way", { way: "old-unit" });
  t.read({ "old-width": "500", "old-height": "1000", "unit-thickness": "24" });
};
const UNIT = {
  panes: [4, 4].map((mm) => ({ mm, kind: "float" as const })),
  cavities: [{ mm: 16, gas: "air" as const, fill: 1 }],
  coatings: [],
  spacer: "warm edge, black",
};

describe("what is quoted", () => {
  it("nothing while nothing is read", () => {
    expect(quoted("timber-putty", () => undefined)).toBeNull();
  });
  it("a unit nobody has chosen is called that", () => {
    expect(quoted("plastic-bead-inside", copied)?.glass).toBe("sealed unit, its make still to be chosen");
  });
  it("a unit by all that it is made of: half a square metre at 80", () => {
    const q = quoted("plastic-bead-inside", (t) => {
      copied(t);
      t.tell("specify.makeup", { makeup: UNIT });
    });
    expect(q).toMatchObject({ glass: "24 mm sealed unit, 4-16-4, warm edge, black", pence: pence(4000) });
  });
  it("a cassette's glass at the unit maker's price, however soon an insert could be had", () => {
    const q = quoted("cassette", (t) => {
      copied(t);
      t.tell("specify.makeup", { makeup: UNIT });
    });
    expect(q?.pence).toBe(4000);
    expect(q?.others).toContain("complete insert");
  });
  it("an insert is not offered beside itself; glass for the one that is there is", () => {
    const q = quoted("cassette", (t) => {
      t.tell("measure.way", { way: "insert-outside" });
      t.read({ "insert-outside-width": "458", "insert-outside-height": "914", "door-thickness": "44" });
    });
    expect(q?.glass).toBe("complete insert");
    expect(q?.others).not.toContain("complete insert");
    expect(q?.others).toContain("new glass or sealed unit alone");
  });
  it("each station's minutes are those of its steps, and it comes to setting in every frame", () => {
    for (const system of ["timber-putty", "plastic-no-bead", "cassette", "metal-frame"] as const) {
      const q = quoted(system, (t) => {
        copied(t);
        if (system === "plastic-no-bead" || system === "cassette") t.tell("specify.makeup", { makeup: UNIT });
      });
      expect(q?.minutes.map((m) => m.station)).toContain("Set");
      expect(q?.minutes.every((m) => m.minutes > 0)).toBe(true);
    }
  });
  it("is by the firm's minutes, whoever looks at it", () => {
    const t = new Teller().opened().added(PANE, "timber-putty");
    t.read({ "width-middle": "600", "height-middle": "900" });
    const timed = (who: string, minutes: number) =>
      ({ system: "timber-putty", station: "set", step: "bed", minutes, metres: 3, who, day: "2026-05-01" }) as const;
    const past = pastOf([...[1, 2, 3].map(() => timed("Nell", 40)), ...[1, 2, 3, 4].map(() => timed("Bram", 6))]);
    const book = foldPane(PANE, t.entries);
    if (!book) throw new Error("no pane");
    const by = { firm, today: dayOf("2026-05-20"), record: [], dialect: "a", unit: "mm" } as const;
    const given = (reader?: string) =>
      quotedPane(book, reckon(book, { house: HOUSE_DEFAULTS, calendar, past, ...(reader && { reader }) }), by)?.minutes;
    expect(given("Nell")).toEqual(given());
    expect(given("Nell")).toBeDefined();
  });
  it("glass that goes back costs what goes into it, and is nobody's to price", () => {
    const back = (option: "refurbish" | "repack") =>
      quoted("plastic-no-bead", (t) => {
        t.tell("look.damage", { damage: option === "repack" ? ["dropped"] : ["misted"] });
        t.tell("look.option", { option, reason: "" });
      });
    expect(back("refurbish")).toMatchObject({
      glass: "the old sealed unit, to be opened and resealed",
      pence: pence(2200),
    });
    expect(back("repack")).toMatchObject({ glass: "the old glass, as it is", pence: pence(0) });
    expect(back("repack")?.minutes.length).toBeGreaterThan(1);
  });
  it("patterned glass by its pattern, a panel as a panel", () => {
    const read = (t: Teller) => t.read({ "width-middle": "400", "height-middle": "500", "rebate-depth": "10" });
    expect(
      quoted("timber-bead", (t) => {
        read(t);
        t.tell("specify.glass", {
          kind: "patterned",
          thickness: { text: "4", unit: "mm" },
          edges: "arrissed",
          pattern: "reeded",
        });
      })?.glass,
    ).toBe("4 mm patterned, reeded");
    expect(
      quoted("timber-bead", (t) => {
        read(t);
        t.tell("specify.panel", { panel: { make: "two-thin", mm: 4, lineMm: null, neighbourMm: null } });
      })?.glass,
    ).toBe("8 mm solid panel, two thin, texture between them");
  });
});
