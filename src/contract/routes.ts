import { z } from "zod";
import { GetBackups, PostBackup } from "./backups.ts";
import { CalcBalance } from "./calc-balance.ts";
import { CalcCriticalPath } from "./calc-critical-path.ts";
import { CalcCutting } from "./calc-cutting.ts";
import { CalcDepth } from "./calc-depth.ts";
import { CalcDesiccant } from "./calc-desiccant.ts";
import { CalcFit } from "./calc-fit.ts";
import { CalcFixings } from "./calc-fixings.ts";
import { CalcHeat } from "./calc-heat.ts";
import { CalcMass } from "./calc-mass.ts";
import { CalcOdds } from "./calc-odds.ts";
import { CalcOpening } from "./calc-opening.ts";
import { CalcPackers } from "./calc-packers.ts";
import { CalcPaintWindow } from "./calc-paint-window.ts";
import { CalcPlate } from "./calc-plate.ts";
import { CalcPutty } from "./calc-putty.ts";
import { CalcSafety } from "./calc-safety.ts";
import { CalcSashMass } from "./calc-sash-mass.ts";
import { CalcScore } from "./calc-score.ts";
import { CalcSealant } from "./calc-sealant.ts";
import { CalcSize } from "./calc-size.ts";
import { CalcStack } from "./calc-stack.ts";
import { CalcSticks } from "./calc-sticks.ts";
import { CalcTape } from "./calc-tape.ts";
import { CalcThickness } from "./calc-thickness.ts";
import { CalcToeHeel } from "./calc-toe-heel.ts";
import { GetCustomer } from "./customers.ts";
import { GetEntries, PostEntries } from "./entries.ts";
import { PostInstrument, PostPair } from "./instruments.ts";
import { GetKept } from "./kept.ts";
import { PostReadOrder } from "./order-file.ts";
import { PostAnswer, PostAsk, PostHand } from "./orders.ts";
import { CalcPane, GetPane, GetRound } from "./panes.ts";
import { GetPlan, PostLayOut } from "./plan.ts";
import { PostPractice } from "./practice.ts";
import { PostPracticeHand } from "./practice-hand.ts";
import { type Route, route } from "./route.ts";
import { GetStandinOrder, PostStandinAnswer, PostStandinOrder } from "./standin.ts";
import { PostReadStock } from "./stock-file.ts";

export const Health = z
  .strictObject({ ok: z.literal(true), through: z.int(), entries: z.int() })
  .meta({ id: "Health", description: "The file can be written and read; `through` is the log's newest place." });

export const GetHealth = route({
  method: "get",
  path: "/api/health",
  says: "Whether the server can write its file: it tries a write, and says what is wrong where it cannot.",
  input: null,
  output: Health,
});

/** Every endpoint that speaks JSON, in the order of the page. */
export const ROUTES: readonly Route[] = [
  CalcTape,
  CalcOpening,
  CalcFit,
  CalcOdds,
  CalcThickness,
  CalcDepth,
  CalcPane,
  CalcSize,
  CalcStack,
  CalcHeat,
  CalcSafety,
  CalcPlate,
  CalcMass,
  CalcBalance,
  CalcSashMass,
  CalcPackers,
  CalcToeHeel,
  CalcPutty,
  CalcSealant,
  CalcFixings,
  CalcSticks,
  CalcDesiccant,
  CalcPaintWindow,
  CalcCriticalPath,
  CalcScore,
  CalcCutting,
  PostLayOut,
  GetPlan,
  PostPractice,
  PostPracticeHand,
  PostEntries,
  GetCustomer,
  GetEntries,
  GetPane,
  GetRound,
  GetKept,
  PostHand,
  PostAnswer,
  PostAsk,
  PostReadOrder,
  PostReadStock,
  PostStandinOrder,
  PostStandinAnswer,
  GetStandinOrder,
  PostInstrument,
  PostPair,
  GetBackups,
  PostBackup,
  GetHealth,
] as unknown as readonly Route[];
