import { THICKNESS_ERRORS } from "../measure/thickness.ts";
import { MAKES, stacksFor } from "../specify/stack.ts";
import { writeLength } from "../tape/write.ts";
import { type LengthUnit, mm, type Nm, nm } from "../units/length.ts";
import { type Exercise, oneOf, someOf, until } from "./exercise.ts";

/** A unit's thickness and one sheet's, as a caliper reads them: what is it made of? */
export const TELL_STACK: Exercise = {
  name: "Tell what a unit is made of",
  why: "A {unit} ordered a spacer too thick holds no {bead}; too thin, it rattles.",
  make: (c, level, unit) => {
    const made = until(() => {
      const make = MAKES[unit === "mm" ? "metric" : "inch"];
      const pane = oneOf(c, make.panes);
      const spacer = oneOf(c, make.spacers);
      const overall = nm(2 * pane + spacer);
      const [first] = stacksFor({
        overall,
        panes: [pane],
        count: 2,
        overallError: mm(THICKNESS_ERRORS.caliper.overallMm),
        paneError: mm(THICKNESS_ERRORS.caliper.paneMm),
      });
      return first?.equalPanes && first.spacers[0] === spacer ? { pane, spacer, overall, make } : null;
    });
    const { pane, spacer, overall, make } = made;
    const text = (length: Nm, inUnit: LengthUnit = unit): string =>
      writeLength(length, inUnit, { places: 1, ticks: 32 });
    const nearest = [...make.spacers].sort((a, b) => Math.abs(a - spacer) - Math.abs(b - spacer)).slice(0, 3 + level);
    const offered = someOf(c, nearest, 3 + Math.min(3, level), spacer);
    return {
      asks: `The whole unit measures ${text(overall)}, each of its two sheets ${text(pane)}. Which spacer is in it?`,
      form: { kind: "choice", options: offered.map((s) => text(s)) },
      picture: { kind: "lines", lines: [`overall ${text(overall)}`, `sheet ${text(pane)}, two alike`] },
      judge: ({ picks }) => ({
        right: offered[picks[0] ?? -1] === spacer,
        offMm: null,
        says: `${text(overall)} − 2 × ${text(pane)} = ${text(spacer)}.`,
      }),
    };
  },
};
