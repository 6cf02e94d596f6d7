import { z } from "zod";
import { INSTRUMENTS } from "../core/measure/instrument.ts";
import { route } from "./route.ts";

export const InstrumentReadingIn = z
  .strictObject({
    instrument: z.string().trim().min(1).max(60),
    kind: z.enum(INSTRUMENTS),
    mm: z.number().min(0).max(100_000),
  })
  .meta({ id: "InstrumentReading" });

export const PostInstrument = route({
  method: "post",
  path: "/api/instruments/reading",
  says: "A reading from a measuring instrument: it goes to every page that listens, into the field that has the focus.",
  more: "Pages listen at /api/instruments/stream, a stream of events. A gateway to real instruments posts here, as the simulated ones do.",
  input: InstrumentReadingIn,
  output: z.strictObject({ heard: z.int().meta({ description: "How many pages were listening." }) }),
  example: { in: { instrument: "laser 1", kind: "laser", mm: 611.5 }, out: { heard: 1 } },
});
