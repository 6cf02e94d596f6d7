import type { z } from "zod";
import type { OddsAnswer, OddsCase } from "../../contract/calc-odds.ts";
import type { Outcome } from "../http/endpoint.ts";
import { oddsOnLine } from "./odds-line.ts";
import { oddsOfOpening } from "./odds-opening.ts";

/** One dimension exactly, or a whole opening by drawing. */
export const calcOdds = (asked: OddsCase): Outcome<z.output<typeof OddsAnswer>> =>
  "readings" in asked ? oddsOnLine(asked) : oddsOfOpening(asked);
