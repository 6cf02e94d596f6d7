import type { Chance } from "../chance/seeded.ts";
import { type Cut, cutOrder } from "../cut/cut-order.ts";
import type { CutNode } from "../cut/cutting.ts";
import type { Mm } from "../units/length.ts";
import { below, type Exercise, someOf, until } from "./exercise.ts";

const SHEET = { width: 1200, height: 900 };
/** No piece is smaller, mm: it is to be read, and broken out. */
const LEAST = 180;
/** Lines nearer to each other than this look like one. */
const APART = 50;

/** Which score comes first: the one that runs from edge to edge of what lies on the bench. */
export const BREAK_OUT: Exercise = {
  name: "Break a sheet out",
  why: "Glass breaks from edge to edge: a score that stops inside the sheet cannot be broken, and runs off.",
  make: (c, level) => {
    const { cuts, first } = until(() => {
      const root = split(c, SHEET.width, SHEET.height, c.uniform() < 0.5 ? "across" : "up", level < 3 ? 2 : 3);
      const all = cutOrder(root);
      const start = all[0];
      if (all.length < 3 || !start || all.some((a) => all.some((b) => a !== b && looksLikeOne(a, b)))) return null;
      // From the third level on the first is broken already: the question is of one part of it.
      if (level < 3) return { cuts: all, first: start };
      const [part, other] = partsOf(all, start);
      const lies = (part?.length ?? 0) >= 2 ? part : other;
      return lies && lies.length >= 2 && lies[0] ? { cuts: lies, first: lies[0] } : null;
    });
    const shown = someOf(c, cuts, cuts.length, first);
    const n = shown.indexOf(first) + 1;
    return {
      asks: `This lies on the bench, with ${cuts.length} scores to run. Which one first?`,
      form: { kind: "choice", options: shown.map((_, i) => `score ${i + 1}`) },
      picture: { kind: "cuts", of: first.of, cuts: shown },
      judge: ({ picks }) => ({
        right: picks[0] === n - 1,
        offMm: null,
        says: `Score ${n}: it alone runs from edge to edge of what lies there.`,
      }),
    };
  },
};

/** Two parts, and each of them two again the other way, so deep: only one line of it runs through. */
function split(c: Chance, width: Mm, height: Mm, kind: "across" | "up", deep: number): CutNode {
  const long = kind === "across" ? width : height;
  if (deep === 0 || long < 2 * LEAST) return { kind: "left", width, height };
  const at = LEAST + 10 * below(c, Math.floor((long - 2 * LEAST) / 10) + 1);
  const next = kind === "across" ? "up" : "across";
  const part = (index: number): CutNode =>
    kind === "across" ? split(c, index, height, next, deep - 1) : split(c, width, index, next, deep - 1);
  return { kind, width, height, parts: [part(at), part(long - at)] };
}

/** What is cut of each part once a cut is broken. */
function partsOf(all: readonly Cut[], start: Cut): readonly (readonly Cut[])[] {
  const beyond = (k: Cut): boolean =>
    start.runs === "across" ? k.of.x >= start.of.x + start.at : k.of.y >= start.of.y + start.at;
  const rest = all.filter((k) => k !== start);
  return [rest.filter((k) => !beyond(k)), rest.filter(beyond)];
}

/** Both run the same way and all but meet: nobody could tell which of them runs through. */
function looksLikeOne(a: Cut, b: Cut): boolean {
  const at = (k: Cut): number => (k.runs === "across" ? k.of.x + k.at : k.of.y + k.at);
  return a.runs === b.runs && Math.abs(at(a) - at(b)) < APART;
}
