import { readTape } from "../tape/read.ts";
import { writeLength } from "../tape/write.ts";
import { NM_PER_INCH, NM_PER_MM, nm, takeNm, toMm } from "../units/length.ts";
import { below, type Exercise } from "./exercise.ts";

/** The finest tick by level: metric, and inch. */
const TICKS = {
  mm: [1, 1, 0.5, 0.5, 0.5].map((t) => t * NM_PER_MM),
  in: [8, 16, 16, 32, 32].map((n) => NM_PER_INCH / n),
} as const;
/** How much of the tape is in sight on each side, mm. */
const SIGHT_MM = [30, 26, 22, 18, 14] as const;
const LONGEST_MM = 1900;

/** A tape at a made-up mark: read it as it stands. */
export const READ_TAPE: Exercise = {
  name: "Read the tape",
  why: "Most remakes begin with a figure read one mark, ten, or an inch off.",
  make: (c, level, unit) => {
    const tick = TICKS[unit][level - 1] ?? NM_PER_MM;
    const sight = (SIGHT_MM[level - 1] ?? 20) * NM_PER_MM;
    const at = nm(Math.round(((200 + below(c, LONGEST_MM - 200)) * NM_PER_MM) / tick) * tick + below(c, 8) * tick);
    // Held anywhere in the eye's sight.
    const from = nm(at - Math.round(sight * (0.5 + c.uniform())));
    return {
      asks: "What does the tape say where the edge stands?",
      form: { kind: "length", names: ["reading"], unit },
      picture: { kind: "tape", unit, at, from, to: nm(from + 2 * sight), tick: nm(tick) },
      judge: ({ texts }) => {
        const says = `It stands at ${writeLength(at, unit, { places: 1, ticks: 32 })}.`;
        const read = readTape(texts[0] ?? "", unit);
        if (!read.ok) return { right: false, offMm: null, says };
        const off = toMm(takeNm(read.value.adjusted, at));
        return { right: Math.abs(off) <= toMm(nm(tick)) / 2, offMm: off, says };
      },
    };
  },
};
