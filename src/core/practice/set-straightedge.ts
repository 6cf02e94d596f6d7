import { scoresFor } from "../cut/score.ts";
import { readTape } from "../tape/read.ts";
import { writeLength } from "../tape/write.ts";
import { type Mm, mm, NM_PER_INCH, NM_PER_MM, toMm } from "../units/length.ts";
import { below, type Exercise, oneOf, until } from "./exercise.ts";

/** Where the straightedge goes, so that the wheel and not the head runs where the pane ends. */
export const SET_STRAIGHTEDGE: Exercise = {
  name: "Set the straightedge",
  why: "A {pane} cut without the cutter's own offset is that much too large, or too small.",
  make: (c, level, unit) => {
    const step = unit === "mm" ? 1 : NM_PER_INCH / 8 / NM_PER_MM;
    const offsetMm =
      unit === "mm" ? oneOf(c, [2, 2.5, 3]) : (NM_PER_INCH / (level >= 3 ? 32 : 8) / NM_PER_MM) * (level >= 3 ? 3 : 1);
    const far = level >= 2 && c.uniform() < 0.5;
    const made = until(() => {
      const pane = {
        width: step * Math.round((300 + below(c, 500)) / step),
        height: step * Math.round((300 + below(c, 500)) / step),
      };
      const sheet = {
        width: pane.width + step * (40 + below(c, 200)),
        height: pane.height + step * (40 + below(c, 200)),
      };
      const scores = scoresFor({ sheet, pane, thicknessMm: 4, offsetMm });
      const first = scores.ok ? scores.value[0] : undefined;
      return first ? { pane, sheet, first } : null;
    });
    const { first } = made;
    const stands = far ? first.straightedge.farSide : first.straightedge.datumSide;
    const text = (length: Mm): string => writeLength(mm(length), unit, { places: 1, ticks: 64 });
    return {
      asks: `Your cutter's wheel runs ${text(offsetMm)} from the straightedge. First cut: the {pane}'s ${first.cuts}. How far from the edge of the sheet does the straightedge stand, ${far ? "on the far side of the cut" : "on the near side of it"}?`,
      form: { kind: "length", names: ["from the edge"], unit },
      picture: { kind: "bench", sheet: made.sheet, pane: made.pane, unit },
      judge: ({ texts }) => {
        const says = `${text(first.at)} ${far ? "+" : "−"} ${text(offsetMm)} = ${text(stands)}.`;
        const read = readTape(texts[0] ?? "", unit);
        if (!read.ok) return { right: false, offMm: null, says };
        const off = toMm(read.value.adjusted) - stands;
        return { right: Math.abs(off) < 0.3, offMm: off, says };
      },
    };
  },
};
