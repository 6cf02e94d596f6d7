import type { Template } from "../text/template.ts";
import type { RuleFact } from "./sizing-rules.ts";

/** What the firm charges and how long things take it: for comparing options, until its own past says better. */
export type PriceRules = {
  readonly currency: "£" | "$" | "€";
  readonly hourRate: number;
  readonly minutesPerCut: number;
  readonly callOut: number;
  readonly glassPerM2: number;
  readonly unitPerM2: number;
  readonly leastCharge: number;
  readonly sashEach: number;
  readonly insertEach: number;
  readonly windowEach: number;
  readonly materialsEach: number;
  readonly refurbishKit: number;
  readonly hoursRepack: number;
  readonly hoursGlass: number;
  readonly hoursSash: number;
  readonly hoursInsert: number;
  readonly hoursWindow: number;
  readonly hoursDouble: number;
  readonly hoursRefurbish: number;
  readonly daysGlass: number;
  readonly daysUnit: number;
  readonly daysMade: number;
  readonly accessUpstairs: number;
  readonly disposalBag: number;
  readonly taxShare: number;
};

const OWN = "an example: put in your own";
const money = (value: number, says: Template): RuleFact<number> => ({
  value,
  says,
  unit: "",
  source: OWN,
  from: 0,
  to: 100000,
});
const hours = (value: number, says: Template): RuleFact<number> => ({
  value,
  says,
  unit: "h",
  source: OWN,
  from: 0,
  to: 200,
});
const days = (value: number, says: Template): RuleFact<number> => ({
  value,
  says,
  unit: "d",
  source: OWN,
  from: 0,
  to: 365,
});

export const PRICE_RULES: { readonly [K in keyof PriceRules]: RuleFact<PriceRules[K]> } = {
  currency: { value: "£", says: "Currency", unit: "", source: OWN, choices: ["£", "$", "€"] },
  hourRate: money(45, "An hour's work"),
  minutesPerCut: {
    value: 5,
    says: "Minutes that a cut takes on the bench: set, score, break, arris",
    unit: "min",
    source: OWN,
    from: 0,
    to: 120,
  },
  callOut: money(40, "Each visit"),
  glassPerM2: money(55, "Single glass, a square metre"),
  unitPerM2: money(120, "{Unit}, a square metre"),
  leastCharge: money(35, "Least that a supplier charges for one"),
  sashEach: money(280, "New sash, made and glazed"),
  insertEach: money(210, "Door insert, complete"),
  windowEach: money(780, "Whole window, made"),
  materialsEach: money(12, "{Putty}, tape, {packers} and the like, a {pane}"),
  refurbishKit: money(22, "Drying beads, sealant and edge tape, a {unit}"),
  hoursRepack: hours(1, "Packing and bedding the same glass anew"),
  hoursGlass: hours(1.5, "Glass or {unit} into the same sash"),
  hoursSash: hours(2, "Hanging a new sash"),
  hoursInsert: hours(1, "Changing a door insert"),
  hoursWindow: hours(7, "Changing a whole window"),
  hoursDouble: hours(4, "Routing a sash for a {unit}, and glazing it"),
  hoursRefurbish: hours(5, "Opening, drying and closing a {unit}"),
  daysGlass: days(1, "Working days for single glass"),
  daysUnit: days(8, "Working days for a {unit}"),
  daysMade: days(20, "Working days for a sash, insert or window"),
  accessUpstairs: money(35, "Ladder or tower, a {pane} above ground"),
  disposalBag: money(6, "Getting rid of old glass, a bag"),
  taxShare: { value: 0.2, says: "Tax, as a share", unit: "", source: OWN, from: 0, to: 1 },
};
