import { describe, expect, it } from "vitest";
import { isLabelSheet, LABEL_SHEET_IDS, LABEL_SHEETS, labelPlaces } from "./label-sheets.ts";

describe("labels on a sheet", () => {
  it.each([
    ["14", true],
    ["roll", true],
    ["15", false],
    ["toString", false],
  ])("%s names a sheet: %s", (id, is) => expect(isLabelSheet(id)).toBe(is));
  it.each(LABEL_SHEET_IDS)("%s: every label stands on the page, and none over another", (id) => {
    const s = LABEL_SHEETS[id];
    const each = s.across * s.down;
    const places = labelPlaces(s, each);
    expect(new Set(places.map((p) => p.page))).toEqual(new Set([0]));
    for (const p of places) {
      expect(p.x).toBeGreaterThanOrEqual(0);
      expect(p.x + s.label.width).toBeLessThanOrEqual(s.page.width + 1e-9);
      expect(p.y + s.label.height).toBeLessThanOrEqual(s.page.height + 1e-9);
    }
    expect(s.step.x).toBeGreaterThanOrEqual(s.label.width);
    expect(s.step.y).toBeGreaterThanOrEqual(s.label.height);
    expect(new Set(places.map((p) => `${p.x} ${p.y}`)).size).toBe(each);
  });
  it("goes on where a sheet that was begun has its first free one", () =>
    expect(labelPlaces(LABEL_SHEETS["14"], 2, 13).map((p) => p.page)).toEqual([0, 1]));
  it.each([
    [-3, 0],
    [99, 13],
    [1.7, 1],
  ])("%d used is taken as %d", (used, first) => {
    const s = LABEL_SHEETS["14"];
    expect(labelPlaces(s, 1, used)).toEqual([labelPlaces(s, 14)[first]]);
  });
  it("of none is nothing", () => expect(labelPlaces(LABEL_SHEETS.roll, 0)).toEqual([]));
});
