import { z } from "zod";
import { INSTRUMENTS } from "../core/measure/instrument.ts";
import { route } from "./route.ts";

export const InstrumentReadingIn = z
  .strictObject({
    instrument: z.string().trim().min(1).max(60),
    kind: z.enum(INSTRUMENTS),
    mm: z.number().min(0).max(10_000),
  })
  .meta({ id: "InstrumentReading" });

export const PostInstrument = route({
  method: "post",
  path: "/api/instruments/reading",
  says: "A reading from a measuring instrument: it goes to the page that it is paired with, into the field that has the focus.",
  more: "Pages listen at /api/instruments/stream?page=<id>, a stream of events; the one that began last is paired, or the one that asked at /api/instruments/pair. A gateway to real instruments posts here, as the simulated ones do.",
  input: InstrumentReadingIn,
  output: z.strictObject({ heard: z.int().meta({ description: "1 where a page took it, 0 where none listens." }) }),
  example: { in: { instrument: "laser 1", kind: "laser", mm: 611.5 }, out: { heard: 1 } },
});

export const PostPair = route({
  method: "post",
  path: "/api/instruments/pair",
  says: "Pairs an instrument, or all of them, with a page that listens.",
  input: z.strictObject({ page: z.uuid(), instrument: z.string().trim().min(1).max(60).optional() }),
  output: z.strictObject({ paired: z.literal(true) }),
});
