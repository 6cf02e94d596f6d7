import { dropAs, type Packers, type SimulatorFacts, SQUARE_WITHIN_MM } from "../set/simulate.ts";
import { writeLength } from "../tape/write.ts";
import { mm } from "../units/length.ts";
import { below, type Exercise } from "./exercise.ts";

/** How long there is, seconds, by level: a sash is held up by somebody meanwhile. */
const SECONDS = [120, 90, 60, 45, 30] as const;
const STEP_MM = 0.5;
export const PACKED_AT = ["foot", "head", "hingeSide", "handleSide"] as const satisfies readonly (keyof Packers)[];

/** What is packed, as an answer says it: mm, in the order of `PACKED_AT`. Undefined where it is no four figures. */
function packersIn(texts: readonly string[]): Packers | undefined {
  const [foot, head, hingeSide, handleSide] = texts.map((t) => (/^\d{1,2}(\.\d)?$/.test(t) ? Number(t) : Number.NaN));
  const all = { foot, head, hingeSide, handleSide };
  return Object.values(all).every((v) => v !== undefined && Number.isFinite(v)) ? (all as Packers) : undefined;
}

/** A dropped sash on the bench of the simulator: packers go in and out until it hangs square, before the clock is down. */
export const SQUARE_SASH: Exercise = {
  name: "Square a sash against the clock",
  why: "Whoever holds it up tires. Upright {packers} lift by the width over how far they stand apart; more than the play never goes in.",
  make: (c, level, unit) => {
    const [widthMm, heightMm] = [400 + 50 * below(c, 9), 700 + 50 * below(c, 11)];
    const [acrossPlay, alongPlay] = [6 + below(c, 5), 6 + below(c, 7)];
    const facts: SimulatorFacts = {
      sash: { widthMm, heightMm },
      pane: { widthMm: widthMm - acrossPlay, heightMm: heightMm - alongPlay },
      dxMm: Math.round(0.7 * widthMm),
      dyMm: Math.round(0.7 * heightMm),
      // Hinges that stand proud hold it up: packed full it would bind at its head.
      slackMm: -(2 + below(c, 4)),
    };
    const half = (play: number): number => Math.floor(play / 2 / STEP_MM) * STEP_MM;
    // From the third level on somebody else has packed it too full already.
    const start: Packers =
      level >= 3 && c.uniform() < 0.5
        ? {
            foot: half(alongPlay),
            head: alongPlay - half(alongPlay),
            hingeSide: half(acrossPlay),
            handleSide: acrossPlay - half(acrossPlay),
          }
        : { foot: half(alongPlay), head: 0, hingeSide: half(acrossPlay), handleSide: 0 };
    const most = SECONDS[level - 1] ?? 30;
    const text = (value: number): string => writeLength(mm(Math.abs(value)), unit, { places: 1, ticks: 64 });
    const hangs = (p: Packers): string => {
      const drop = dropAs(facts, p);
      return `${text(drop)} ${drop >= 0 ? "down" : "too high"}`;
    };
    return {
      asks: `The hinges are at the left. Upright there are ${text(alongPlay)} of play, sideways ${text(acrossPlay)}. Pack it until the handle hangs square: ${most} seconds.`,
      form: { kind: "packers", facts, start, seconds: most },
      picture: { kind: "none" },
      judge: ({ texts }, seconds = 0) => {
        const p = packersIn(texts);
        const [upright, sideways] = [(p?.foot ?? 0) + (p?.head ?? 0), (p?.hingeSide ?? 0) + (p?.handleSide ?? 0)];
        if (!p)
          return { right: false, offMm: null, says: `As it was it hung ${hangs(start)}, and nothing was packed.` };
        const drop = dropAs(facts, p);
        const sum = `${text(upright)} of ${text(alongPlay)} upright and ${text(sideways)} of ${text(acrossPlay)} sideways: it hangs ${hangs(p)}.`;
        const full = upright > alongPlay || sideways > acrossPlay;
        const stands = p.foot > 0;
        const late = seconds > most;
        return {
          right: Math.abs(drop) <= SQUARE_WITHIN_MM && !full && stands && !late,
          offMm: drop,
          says: `${sum}${full ? " That is more than there is room for." : ""}${stands ? "" : " The {pane} stands on nothing: it needs a {packer} at its foot."}${late ? ` It took ${Math.round(seconds)} seconds of ${most}.` : ""}`,
        };
      },
    };
  },
};
