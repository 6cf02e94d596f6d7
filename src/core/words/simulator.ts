import type { Packers } from "../set/simulate.ts";
import { writeLength } from "../tape/write.ts";
import { type LengthUnit, mm } from "../units/length.ts";

/** The bar of the sash that stays where it is: on its hinges at a side, hung from its head, or standing on its foot. */
export type HeldBy = "side" | "head" | "foot";

type Words = {
  readonly title: string;
  readonly places: (side: "left" | "right") => Readonly<Record<keyof Packers, string>>;
  readonly gaps: (side: "left" | "right") => readonly [near: string, far: string];
  /** `far` is a length with its unit, as the reader has it. */
  readonly off: (far: string, side: "left" | "right") => string;
  readonly over: (far: string, side: "left" | "right") => string;
  readonly wrong: (far: string) => string;
  readonly order: readonly string[];
};

const other = (side: "left" | "right"): "left" | "right" => (side === "left" ? "right" : "left");

/** What the simulator says, by what holds the sash. `side` is that of the hinge, or the side it leans to. */
export const SIMULATOR_WORDS: Readonly<Record<HeldBy, Words>> = {
  side: {
    title: "Has it dropped? Toe and heel",
    places: () => ({
      foot: "below, at the hinge",
      head: "above, at the handle",
      hingeSide: "beside, low at the hinge",
      handleSide: "beside, high at the handle",
    }),
    gaps: () => ["head gap at the hinge", "head gap at the handle"],
    off: (far) => `The handle hangs ${far} down.`,
    over: (far) => `The handle is ${far} too high: it binds at the head. Take some out.`,
    wrong: (far) => `On the other diagonal they push the handle down: ${far}. Thicker is worse.`,
    order: [
      "First the one below at the hinge: it carries.",
      "Then the one above at the handle, a little at a time: it lifts.",
      "Then the sides, and the others only hand-tight.",
    ],
  },
  head: {
    title: "Does it hang out of square?",
    places: (side) => ({
      foot: `${side}, near the hinges`,
      head: `${other(side)}, near the foot`,
      hingeSide: `above, at the ${side}`,
      handleSide: `below, at the ${other(side)}`,
    }),
    gaps: (side) => [`gap at the ${other(side)} jamb, by the hinges`, `gap at the ${other(side)} jamb, at the foot`],
    off: (far, side) => `Its foot hangs ${far} to the ${side}.`,
    over: (far, side) => `Its foot is pushed ${far} past square, to the ${other(side)}: it binds there. Take some out.`,
    wrong: (far) => `On the other diagonal they push it further over: ${far}. Thicker is worse.`,
    order: [
      "First the two below: they carry the pane.",
      "Then the pair across the diagonal, a little at a time: it squares.",
      "Then the others, hand-tight.",
    ],
  },
  foot: {
    title: "Does it lean on its rollers or hinges?",
    places: (side) => ({
      foot: `${side}, near the foot`,
      head: `${other(side)}, near the head`,
      hingeSide: `below, at the ${side}`,
      handleSide: `above, at the ${other(side)}`,
    }),
    gaps: (side) => [`gap at the ${other(side)} jamb, at the foot`, `gap at the ${other(side)} jamb, at the head`],
    off: (far, side) => `Its head leans ${far} to the ${side}.`,
    over: (far, side) => `Its head is pushed ${far} past square, to the ${other(side)}: it binds there. Take some out.`,
    wrong: (far) => `On the other diagonal they push its head further over: ${far}. Thicker is worse.`,
    order: [
      "First the two below, over the rollers or hinges: they carry.",
      "Then the pair across the diagonal, a little at a time: it stands up.",
      "Then the others, hand-tight.",
    ],
  },
};

/** How far a corner is off, without its sign. @example farText(-5.94, "mm") // "5.9 mm"; in inches // 15/64" */
export const farText = (length: number, unit: LengthUnit): string =>
  writeLength(mm(Math.abs(length)), unit, { places: 1, ticks: 64 });
