import type { z } from "zod";
import type { PuttyAnswer, PuttyCase } from "../../contract/calc-putty.ts";
import { fail, ok } from "../../core/result.ts";
import { puttyFor, tubesFor } from "../../core/set/putty.ts";
import type { Nm } from "../../core/units/length.ts";
import { say } from "../../core/words/dialect.ts";
import { puttyErrorSentence } from "../../core/words/size.ts";
import type { Outcome } from "../http/endpoint.ts";
import { lengthsIn } from "./lengths.ts";

export function calcPutty(asked: PuttyCase): Outcome<z.output<typeof PuttyAnswer>> {
  const read = lengthsIn(
    {
      "tight.width": asked.tight.width,
      "tight.height": asked.tight.height,
      "glass.width": asked.glass.width,
      "glass.height": asked.glass.height,
      thickness: asked.thickness,
      rebateDepth: asked.rebateDepth,
      rebateWidth: asked.rebateWidth,
      bed: asked.bed,
      nose: asked.nose,
      setBack: asked.setBack,
    },
    asked.unit,
  );
  if (!read.ok) return read;
  // Every key above was given, so every one was read.
  const at = read.value as Required<typeof read.value>;
  const size = (w: Nm, h: Nm) => ({ width: w, height: h });
  const putty = puttyFor({
    tight: size(at["tight.width"], at["tight.height"]),
    glass: size(at["glass.width"], at["glass.height"]),
    thickness: at.thickness,
    rebateDepth: at.rebateDepth,
    rebateWidth: at.rebateWidth,
    bed: at.bed,
    nose: at.nose,
    setBack: at.setBack,
    edgeFillShare: asked.edgeFillShare,
    density: asked.density,
    waste: asked.waste,
  });
  if (!putty.ok) return fail({ code: putty.error.kind, message: say(puttyErrorSentence(putty.error), "a") });
  return ok({
    ...putty.value,
    cartridges310: tubesFor(putty.value.totalMl, 310, asked.waste),
    foils600: tubesFor(putty.value.totalMl, 600, asked.waste),
    rule: "section area × (2(W + H) − 8 × depth of its centroid); bought = net / (1 − waste)",
    source: "Pappus's theorem on each mitred side",
  });
}
