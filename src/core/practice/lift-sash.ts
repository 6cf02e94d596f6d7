import { liftOf } from "../set/toe-heel.ts";
import { readTape } from "../tape/read.ts";
import { writeLength } from "../tape/write.ts";
import { type Mm, mm, toMm } from "../units/length.ts";
import { below, type Exercise } from "./exercise.ts";

const CORNERS = ["the hinge's foot and the handle's head", "the hinge's head and the handle's foot"] as const;

/** A sash that hangs down at its handle: across which corners, and by how much, is it packed? */
export const LIFT_SASH: Exercise = {
  name: "Lift a dropped sash",
  why: "Packed across the other two corners it hangs twice as low.",
  make: (c, level, unit) => {
    const [widthMm, heightMm, dropMm] = [400 + 50 * below(c, 9), 600 + 50 * below(c, 13), 3 + below(c, 8)];
    const lift = liftOf({ widthMm, heightMm }, dropMm);
    const text = (length: Mm): string => writeLength(mm(length), unit, { places: 1, ticks: 32 });
    const sum = `Across ${CORNERS[0]}: √(${text(widthMm)}² + ${text(heightMm)}²) less the same as it hangs is ${text(lift.lengthenMm.exact)}. The other way it would hang ${text(lift.wrong.dropWouldBeMm)} down.`;
    const picture = { kind: "sash", widthMm, heightMm, dropMm } as const;
    if (level < 3)
      return {
        asks: `The hinges are at the left, and the handle hangs ${text(dropMm)} down. Which corners do the {packers} push apart?`,
        form: { kind: "choice", options: CORNERS },
        picture,
        judge: ({ picks }) => ({ right: picks[0] === 0, offMm: null, says: sum }),
      };
    return {
      asks: `The hinges are at the left, the sash is ${text(widthMm)} × ${text(heightMm)}, and the handle hangs ${text(dropMm)} down. By how much do {packers} lengthen the diagonal that they push?`,
      form: { kind: "length", names: ["longer by"], unit },
      picture,
      judge: ({ texts }) => {
        const read = readTape(texts[0] ?? "", unit);
        if (!read.ok) return { right: false, offMm: null, says: sum };
        const off = toMm(read.value.adjusted) - lift.lengthenMm.exact;
        // Packers come in halves of a millimetre.
        return { right: Math.abs(off) <= 0.6, offMm: off, says: sum };
      },
    };
  },
};
