import { describe, expect, it } from "vitest";
import { foldFirm } from "../../src/core/firm/fold-firm.ts";
import { pence } from "../../src/core/money/pence.ts";
import { dayOf } from "../../src/core/units/day.ts";
import { jobSheet } from "../support/job-sheet.ts";
import { EDGE_JOBS } from "../support/sheet-jobs-edges.ts";
import { MADE_JOBS } from "../support/sheet-jobs-made.ts";
import { TIMBER_JOBS } from "../support/sheet-jobs-timber.ts";
import { JOBS_UNDER_WAY } from "../support/sheet-jobs-under-way.ts";
import { JOBS, READ } from "../support/step-jobs.ts";
import { PANE, Teller } from "../support/told.ts";

/*
 * Everything that a job comes to, kept as sheets beside the tests: what changes a figure, a step or a date anywhere shows as a
 * changed line of a sheet, which somebody reads before it is kept. `npx vitest run tests/unit/job-sheets.test.ts -u` keeps it.
 */

const TODAY = dayOf("2026-05-20");

/** A counter, a toughener and a unit maker with their lists, and three things on the shelf. */
const firm = foldFirm(
  new Teller(500)
    .also("supplier.added", { name: "Counter Lane", cuts: "single", unit: "mm", leadDays: 1 }, {})
    .also("supplier.added", { name: "Fen End", cuts: "units", unit: "mm", leadDays: 8 }, {})
    .also("supplier.added", { name: "Kiln Yard", cuts: "toughened", unit: "mm", leadDays: 6 }, {})
    .also(
      "supplier.terms",
      {
        name: "Counter Lane",
        makes: ["single", "laminated"],
        products: [
          { product: "float/4", pencePerM2: pence(3800) },
          { product: "float/6", pencePerM2: pence(5200) },
        ],
        extras: [],
        leastPence: pence(900),
        deliveryPence: pence(0),
      },
      {},
    )
    .also(
      "supplier.terms",
      {
        name: "Fen End",
        makes: ["units", "inserts"],
        products: [
          { product: "unit/2", pencePerM2: pence(8000) },
          { product: "unit/3", pencePerM2: pence(11_000) },
        ],
        extras: [
          { extra: "coating", pence: pence(800), per: "m2" },
          { extra: "argon", pence: pence(300), per: "m2" },
        ],
        leastPence: pence(2000),
        deliveryPence: pence(1500),
      },
      {},
    )
    .also(
      "stock.pane",
      {
        name: "Rack A, off-cut",
        widthNm: 640_000_000,
        heightNm: 930_000_000,
        thicknessNm: 4_000_000,
        glass: "float",
        count: 2,
        costPence: pence(1400),
      },
      {},
    )
    .also(
      "stock.pane",
      {
        name: "610 × 914",
        widthNm: 610_000_000,
        heightNm: 914_000_000,
        thicknessNm: 4_000_000,
        glass: "float",
        bought: true,
      },
      {},
    )
    .also(
      "stock.insert",
      {
        family: "Half light",
        outsideWidthNm: 458_000_000,
        outsideHeightNm: 914_000_000,
        seenWidthNm: 406_000_000,
        seenHeightNm: 862_000_000,
        doorFromNm: 44_000_000,
        doorToNm: 45_000_000,
      },
      {},
    ).entries,
);

const named = (name: string): string =>
  `../sheets/${name
    .toLowerCase()
    .replaceAll(/[^a-z0-9]+/g, "-")
    .slice(0, 60)}.txt`;

describe("all that a job comes to", () => {
  it.each([...TIMBER_JOBS, ...MADE_JOBS, ...JOBS_UNDER_WAY, ...EDGE_JOBS])(
    "$name",
    async ({ name, system, unit = "mm", tell }) => {
      const told = new Teller().opened().added(PANE, system);
      tell(told);
      await expect(jobSheet(told, { firm, today: TODAY, unit })).toMatchFileSnapshot(named(name));
    },
  );
  it.each(JOBS)("$name", async ({ name, system, tell }) => {
    const told = new Teller().opened().added(PANE, system).read(READ);
    tell(told);
    await expect(jobSheet(told, { firm, today: TODAY, unit: "mm" })).toMatchFileSnapshot(named(name));
  });
});
