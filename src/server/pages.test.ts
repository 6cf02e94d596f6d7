import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { PaneCase, WholePane } from "../contract/panes.ts";
import { withFirm } from "../core/firm/firm.ts";
import { foldFirm } from "../core/firm/fold-firm.ts";
import { foldPane } from "../core/pane/book.ts";
import { reckon } from "../core/pane/reckoning.ts";
import { rememberBest } from "../core/size/best.ts";
import { day, dayOf } from "../core/units/day.ts";
import { wholePane } from "../core/words/whole-pane.ts";
import { appendEntries } from "../db/append.ts";
import { createDatabase } from "../db/database.ts";
import { entriesOfPane } from "../db/entry-log.ts";
import { ottermoleRow } from "../demo/ottermole-row.ts";
import { calcPane } from "./calc/pane.ts";
import { health } from "./health.ts";
import { housePage } from "./house-page.ts";
import { openApi } from "./openapi.ts";
import { orderPage, orderSheet, ordersPage } from "./order-page.ts";
import { panePage } from "./pane-page.ts";
import { paneWhole, roundWhole } from "./pane-whole.ts";
import { during } from "./people/visit.ts";
import { readEntries } from "./read-entries.ts";
import { roundKit } from "./round-kit.ts";
import { type RoundPageData, roundPage } from "./round-page.ts";
import { theDatabase } from "./the-database.ts";
import { today } from "./today.ts";

const folder = mkdtempSync(join(tmpdir(), "plain-pane-pages-"));
let first: RoundPageData;
const headOf = () => {
  if (!first.head) throw new Error("there is no round");
  return first.head;
};
beforeAll(async () => {
  process.env["DATABASE_FILE"] = join(folder, "firm.sqlite");
  process.env["PLAIN_PANE_TODAY"] = "2026-05-20";
  const db = createDatabase(process.env["DATABASE_FILE"]);
  appendEntries(db, ottermoleRow(dayOf("2026-05-20")));
  db.$client.close();
  first = await roundPage(null);
});
afterAll(() => {
  theDatabase().$client.close();
  rmSync(folder, { recursive: true, force: true });
});

describe("the round's page", () => {
  it("has a line a pane, in the order of the walk, with what each needs next", () => {
    const { rows } = first.lines;
    const { round, openings, alerts } = headOf();
    expect(round?.name).toBe("Ottermole Row, after the hail");
    expect([rows.length, openings]).toEqual([17, 14]);
    expect(rows.map((r) => r.next.kind)).toEqual([
      "read-corners",
      "chase",
      "set",
      "wait-paint",
      "keep-or-renew",
      "choose-safety",
      "read-size",
      "read-again",
      "no-rectangle",
      "order-again",
      "sign-off",
      "signed-off",
      "close-hole",
      "look",
      "put-on-order",
      "put-on-order",
      "put-on-order",
    ]);
    expect(alerts.map((a) => a.kind)).toEqual(["open-hole", "closed-over", "late", "closes-soon"]);
  });
  it("an unknown round is the newest", async () =>
    expect((await roundPage("nowhere")).head?.round.name).toContain("Ottermole"));
});

describe("the kit of a round", () => {
  const kit = (wants: Parameters<typeof roundKit>[1] = {}) => roundKit(headOf().round.id ?? "", wants);
  const panes = (wants: Parameters<typeof roundKit>[1] = {}) =>
    kit(wants)?.panes.map((p) => [p.where, p.station, p.going]);
  const [PARLOUR, READING] = ["No. 4, front parlour, upper sash", "Reading room, north light, 2 of 6"];
  it("is for tomorrow's work on site: what may not be painted yet waits", () => {
    expect(kit()?.on).toBe(dayOf("2026-05-21"));
    expect(panes()).toEqual([[PARLOUR, "Set", true]]);
  });
  it("for a day on which it may be painted, both", () =>
    expect(panes({ on: dayOf("2026-05-22") })).toEqual([
      [PARLOUR, "Set", true],
      [READING, "Finish", true],
    ]));
  it("only for those that are chosen", () => {
    const given = kit({ on: dayOf("2026-05-22"), panes: [] });
    expect(given?.panes.map((p) => p.going)).toEqual([false, false]);
    expect([given?.kit.tools, given?.materials]).toEqual([[], []]);
  });
  it("adds up what setting uses: one putty pane to set, one only to paint", () => {
    const materials = kit()?.materials ?? [];
    expect(materials.map((m) => m.what)).toEqual(["{packers} of 2 mm", "{putty}", "{sprigs}"]);
    // Two stacks of one; whole sprigs on four sides; putty by the 50 g.
    expect(materials[0]?.amount).toBe(2);
    expect((materials[1]?.amount ?? 0) * 20).toBeCloseTo(Math.round((materials[1]?.amount ?? 0) * 20), 9);
    expect((materials[2]?.amount ?? 1) % 2).toBe(0);
  });
  it("packs tools, not thumbs", () => {
    const tools = kit()?.kit.tools ?? [];
    expect(tools).toContain("clean putty knife");
    for (const not of ["thumb", "flat hands", "your mark", "coating"]) expect(tools).not.toContain(not);
  });
  it("there is none for a round that is not there", () => expect(roundKit("nowhere")).toBeUndefined());
});

describe("a pane's page", () => {
  const pane = (i: number) => first.lines.rows[i]?.id ?? "";
  it("opens where the pane stands", () =>
    expect(panePage(pane(2), undefined)).toEqual({ kind: "go-to", path: `/panes/${pane(2)}/set` }));
  it("knows its neighbours on the walk", () => {
    const page = panePage(pane(1), "measure");
    expect(page.kind === "page" && [page.data.before, page.data.after, page.data.label]).toEqual([
      pane(0),
      pane(2),
      "No. 8, stair window",
    ]);
    const first = panePage(pane(0), "logbook");
    expect(first.kind === "page" && first.data.before).toBeNull();
  });
  it.each([
    ["a stranger", "look"],
    ["a stranger", undefined],
  ])("%s is unknown", (id, view) => expect(panePage(id, view)).toEqual({ kind: "unknown" }));
  it("a station nobody knows is unknown", () => expect(panePage(pane(0), "melting")).toEqual({ kind: "unknown" }));
});

describe("orders", () => {
  it("are listed, those that are open or on their way first", () =>
    expect(ordersPage(new URLSearchParams("part=all")).orders.map((o) => o.stage)).toEqual([
      "sent",
      "checked",
      "checked",
      "checked",
    ]));
  it.each([
    ["", ["OR-1"]],
    ["part=checked", ["OR-2", "OR-4", "OR-3"]],
    ["part=open", []],
    ["part=late", ["OR-1"]],
    ["part=nonsense", ["OR-1"]],
    ["part=all&supplier=nobody", ["OR-1", "OR-2", "OR-4", "OR-3"]],
    ["part=all&supplier=Salt Lane Glass Counter", ["OR-2", "OR-4", "OR-3"]],
    ["part=in-hand&supplier=Salt Lane Glass Counter", []],
  ])("asked by %s", (asked, references) => {
    const shown = ordersPage(new URLSearchParams(asked));
    expect(shown.orders.map((o) => o.reference)).toEqual(references);
    expect(shown.count).toBe(references.length);
    expect(shown.counts[shown.part]).toBe(references.length);
  });
  it("each has a page and a sheet", () => {
    const id = ordersPage(new URLSearchParams()).orders[0]?.id ?? "";
    expect(orderPage(id)?.entries.length).toBeGreaterThan(2);
    expect(orderSheet(id)).toMatchObject({ stage: "sent", order: { reference: "OR-1" } });
    expect([orderPage("x"), orderSheet("x")]).toEqual([null, null]);
  });
});

describe("the rest", () => {
  it("house rules come with the firm's entries", () =>
    expect(housePage().entries.map((e) => e.kind)).toContain("supplier.added"));
  it("today can be told", () => expect(today()).toBe(dayOf("2026-05-20")));
  it("the log is read on from a place", () => {
    const page = readEntries({ after: 290 });
    const end = health();
    expect(end.ok && page.ok && page.value.entries.length).toBe((end.ok ? end.value.entries : 0) - 290);
  });
  it("every reference of the interface's document leads somewhere, and every path has what it takes", () => {
    const doc = openApi() as { paths: Record<string, unknown>; components: { schemas: Record<string, unknown> } };
    const text = JSON.stringify(doc);
    const refs = [...text.matchAll(/"\$ref":"([^"]+)"/g)].map((m) => m[1] ?? "");
    expect(refs.length).toBeGreaterThan(50);
    for (const ref of refs) {
      const name = ref.replace("#/components/schemas/", "");
      expect([ref, Object.hasOwn(doc.components.schemas, name)]).toEqual([ref, true]);
    }
    expect(text).not.toContain("$defs");
    expect(Object.keys(doc.paths)).toEqual(expect.arrayContaining(["/api/panes/{id}", "/api/calc/pane"]));
  });
  it("the document of the interface resolves on its own", () => {
    const text = JSON.stringify(openApi());
    expect(text).toContain('"openapi":"3.1.0"');
    for (const [, ref] of text.matchAll(/"\$ref":"([^"]+)"/g)) expect(ref).toMatch(/^#\//);
  });
});

describe("what a guest of the round is sent", () => {
  const asGuest = <T>(run: () => Promise<T>): Promise<T> =>
    during(
      {
        visitor: { person: "agent", name: "Agent", role: "guest", round: headOf().round.id },
        session: null,
        tablet: null,
        address: "127.0.0.1",
        origin: "http://localhost",
        agent: "",
        cookies: [],
      },
      run,
    );
  it("nothing of suppliers' terms and of other orders", async () => {
    const own = await roundPage(headOf().round.id);
    const guests = await asGuest(() => roundPage(headOf().round.id));
    const kinds = (page: typeof own) => new Set(page.lines.firmEntries.map((e) => e.kind));
    expect([kinds(own).has("supplier.terms"), kinds(guests).has("supplier.terms")]).toEqual([true, false]);
    expect(guests.lines.openOrders).toEqual([]);
    // The lines are the same: what is to be done with a pane is no secret of the round.
    expect(guests.lines.rows).toEqual(own.lines.rows);
  });
  it("a pane of it comes to the same size", async () => {
    for (const { id } of first.lines.rows) {
      const [own, guests] = [panePage(id, "order"), await asGuest(async () => panePage(id, "order"))];
      if (own.kind !== "page" || guests.kind !== "page") throw new Error(id);
      expect(guests.data.records).toEqual([]);
      const size = (data: typeof own.data): unknown => {
        const book = foldPane(id, data.entries);
        const cut = book && reckon(book, withFirm(foldFirm(data.firmEntries))).cut;
        return cut?.ok ? cut.value.glass : cut?.error;
      };
      expect([id, size(guests.data)]).toEqual([id, size(own.data)]);
    }
  });
});

describe("a pane as data", () => {
  it("every pane of the round answers by its schema, and says what its page says", () => {
    const { rows } = first.lines;
    for (const row of rows) {
      const whole = paneWhole({ id: row.id, unit: "in", dialect: "b" });
      if (!whole.ok) throw new Error(whole.error.message);
      const parsed = WholePane.safeParse(whole.value);
      expect([row.id, parsed.success ? null : parsed.error.issues[0]]).toEqual([row.id, null]);
      expect(whole.value.next.kind).toBe(row.next.kind);
      // What holds an order holds it on the round too, where more does: a size that is still to be read.
      if (whole.value.holds.by !== null) expect([row.id, row.held?.kind]).not.toEqual([row.id, undefined]);
      expect(whole.value.stations.map((s) => s.state)).toEqual(row.stations.map((s) => s.state));
      expect(JSON.stringify(whole.value)).not.toMatch(/[{][a-z]+[}]|undefined|NaN/);
    }
  });
  it("what a page carries to its reader gives the same pane to the last figure", () => {
    for (const row of first.lines.rows) {
      const page = panePage(row.id, "measure");
      const whole = paneWhole({ id: row.id, unit: "mm", dialect: "a" });
      if (page.kind !== "page" || !whole.ok) throw new Error(row.id);
      const book = foldPane(row.id, page.data.entries);
      if (!book) throw new Error(row.id);
      const r = reckon(book, withFirm(foldFirm(page.data.firmEntries), rememberBest(50)));
      const by = {
        unit: "mm",
        dialect: "a",
        today: day(page.data.today),
        nowMs: Date.now(),
        others: page.data.othersHere,
      } as const;
      expect([row.id, JSON.parse(JSON.stringify(wholePane(book, r, by)))]).toEqual([
        row.id,
        JSON.parse(JSON.stringify(whole.value)),
      ]);
    }
  });
  it("a stranger is unknown", () =>
    expect(paneWhole({ id: "x", unit: "mm", dialect: "a" })).toMatchObject({ ok: false, error: { status: 404 } }));
  it("a round comes with its panes", () => {
    const { round } = headOf();
    const whole = roundWhole({ id: round?.id ?? "", from: 0, unit: "mm", dialect: "a" });
    expect(whole.ok && [whole.value.count, whole.value.panes.length]).toEqual([17, 17]);
  });
  it("a program gets the size that the page gets, from the same readings", () => {
    const { rows } = first.lines;
    let compared = 0;
    for (const row of rows) {
      const whole = paneWhole({ id: row.id, unit: "mm", dialect: "a" });
      if (!whole.ok || whole.value.readings.some((r) => r.says !== null)) continue;
      const { opening, readings } = whole.value;
      const { added, rule, overrule, shaped, sits, shape, stoodBy, glass, makeup, damage } = bookOf(row.id);
      if (overrule || shaped) continue;
      const answer = calcPane(
        PaneCase.parse({
          system: added.system,
          way: opening.way,
          readings: Object.fromEntries(readings.map((r) => [r.place, { text: r.text, unit: r.unit }])),
          ...(sits ? { sits } : {}),
          ...(shape ? { shape } : {}),
          damage,
          stoodBy: [...stoodBy.keys()].filter((p) => readings.some((r) => r.place === p)),
          ...(rule ? { school: rule.school, grid: rule.grid, ...(rule.off ? { off: rule.off } : {}) } : {}),
          ...(glass ? { glass } : {}),
          ...(makeup ? { makeup } : {}),
        }),
      );
      if (!answer.ok) throw new Error(answer.error.message);
      expect([row.address, answer.value.workedOut, answer.value.slips]).toEqual([
        row.address,
        whole.value.workedOut,
        whole.value.slips,
      ]);
      compared++;
    }
    expect(compared).toBeGreaterThan(8);
  });
});

const bookOf = (id: string) => {
  const book = foldPane(id, entriesOfPane(theDatabase(), id));
  if (!book) throw new Error("no pane");
  return book;
};
