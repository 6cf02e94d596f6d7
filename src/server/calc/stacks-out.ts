import type { z } from "zod";
import type { StackOut } from "../../contract/calc-stack.ts";
import type { Stack } from "../../core/specify/stack.ts";
import type { LengthUnit, Nm } from "../../core/units/length.ts";
import { stackText } from "../../core/words/opening.ts";
import { lengthOut } from "./lengths.ts";

/** Units that are made, as they are answered. */
export function stacksOut(stacks: readonly Stack[], unit: LengthUnit): z.output<typeof StackOut>[] {
  const out = (length: Nm) => lengthOut(length, unit);
  return stacks.map((s) => ({
    text: stackText(s),
    make: s.make,
    panes: s.panes.map(out),
    spacers: s.spacers.map(out),
    overall: out(s.overall),
    equalPanes: s.equalPanes,
    offMm: s.off,
    score: s.score,
  }));
}
