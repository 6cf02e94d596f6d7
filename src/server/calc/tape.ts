import type { z } from "zod";
import type { TapeAnswer, TapeCase } from "../../contract/calc-tape.ts";
import { fail, ok } from "../../core/result.ts";
import { readTape } from "../../core/tape/read.ts";
import { tapeErrorSentence } from "../../core/words/tape-error.ts";
import type { Outcome } from "../http/endpoint.ts";
import { lengthOut } from "./lengths.ts";

export function calcTape(asked: TapeCase): Outcome<z.output<typeof TapeAnswer>> {
  const read = readTape(asked.text, asked.unit, Number.MAX_SAFE_INTEGER);
  if (!read.ok)
    return fail({ code: read.error.kind, message: tapeErrorSentence(read.error), at: read.error.at, field: "text" });
  const { written, unit, exact, hair, adjusted } = read.value;
  const write = asked.write ?? unit;
  return ok({
    written,
    unit,
    exact: lengthOut(exact, write),
    hair,
    adjusted: lengthOut(adjusted, write),
    rule: "1 in = 25.4 mm; a hair is a quarter of 1/16 in or of 1 mm",
    source: "international inch, 1959; house convention for the hair",
  });
}
