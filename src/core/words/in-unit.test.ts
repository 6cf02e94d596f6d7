import { describe, expect, it } from "vitest";
import { inchText, inUnit, metric } from "./in-unit.ts";

describe("figures of the trade in inches", () => {
  it.each([
    [2, "5/64"],
    [3, "1/8"],
    [4, "5/32"],
    [6, "1/4"],
    [10, "3/8"],
    [12, "1/2"],
    [25, "1"],
    [75, "3"],
    [225, "8 7/8"],
    [1480, "58 1/4"],
    [300, "11 3/4"],
    [610, "24"],
    [0, "0"],
    [-3, "−1/8"],
  ])("%d mm is %s", (mm, text) => expect(inchText(mm)).toBe(text));
});

describe("sentences in the reader's unit", () => {
  it.each([
    ["2 mm on to the glass", "5/64 in on to the glass"],
    ["225 to 300 mm at most", "8\u00a07/8 to 11\u00a03/4 in at most"],
    ["Cures above 5 °C, bears 90 °C", "Cures above 41 °F, bears 194 °F"],
    ["-5 °C outside, 20 °C in the room", "23 °F outside, 68 °F in the room"],
    ["8.4 and 18.5 MPa", "1220 and 2680 psi"],
    ["Wind 0.70 kPa", "Wind 14.6 psf"],
    ["cut here: 28 11/32 × 22 9/16 in", "cut here: 28\u00a011/32 × 22\u00a09/16 in"],
    ["0.45 kg to buy", "1.0 lb to buy"],
    ["wind up to 10 m/s", "wind up to 22 mph"],
    ["one of 310 ml", "one of 10 fl oz"],
    ["bed 85 ml, face 240 ml, edge 3 ml", "bed 2.9 fl oz, face 8.1 fl oz, edge 0.1 fl oz"],
    ["Beads weigh 164.3 g after 60 min", "Beads weigh 5.8 oz after 60 min"],
    ["4 gaskets and 12 mls are no amounts", "4 gaskets and 12 mls are no amounts"],
    ["4 mmol is no length", "4 mmol is no length"],
    [`cut to ${metric("545 × 1193 mm")}`, "cut to 545\u00a0×\u00a01193\u00a0mm"],
    ["no figure", "no figure"],
  ])("%s", (metricText, inches) => {
    expect(inUnit(metricText, "in")).toBe(inches);
    expect(inUnit(metricText, "mm")).toBe(metricText);
  });
});
