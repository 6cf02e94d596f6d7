import { OddsJob, type OddsReply } from "../contract/odds-job.ts";
import { figureOf, type OpeningReadings } from "../core/measure/figure.ts";
import { type OddsInput, oddsModel } from "../core/size/best.ts";
import { type Draws, drawsFrom } from "../core/size/draws.ts";
import { chancesIn, drawnIn } from "../core/size/lay-chances.ts";
import { averageChances, type Chances } from "../core/size/odds-line.ts";
import { gridStep, toMm } from "../core/units/length.ts";

/* One job at a time, in slices: between two of them a newer job is heard, and the older is dropped. */
const SLICE = 10_000;
/** The curves are lines on a chart: a fifth of the draws shows them as well. */
const CURVE_SLICES = 2;
let newest = 0;
/** Draws depend on the seed alone, so that every key after the first finds them made. */
const made = new Map<string, Draws>();

const reply = (message: OddsReply): void => self.postMessage(message);

self.onmessage = (event: MessageEvent<unknown>) => {
  const job = OddsJob.parse(event.data);
  newest = job.id;
  void run(job);
};

async function run(job: OddsJob): Promise<void> {
  const readings = job.readings as OpeningReadings;
  const input: OddsInput = {
    readings,
    figure: figureOf(readings),
    grid: job.grid,
    depths: (job.depths ?? undefined) as OddsInput["depths"],
    leastCover: job.leastCover as OddsInput["leastCover"],
    errors: job.errors,
  };
  const model = oddsModel(input);
  if (!model) return reply({ kind: "nothing", id: job.id });
  const step = toMm(gridStep(job.grid));
  const full = { width: toMm(model.full.width), height: toMm(model.full.height) };
  const { when } = job.errors;
  const sizes = job.sizes.map((s) => ({ width: s.width / 1e6, height: s.height / 1e6 }));
  const curves: (readonly Chances[])[] = [];
  const asked: (readonly Chances[])[] = [];
  const slices = Math.ceil(job.samples / SLICE);
  for (let i = 0; i < slices; i++) {
    const draws = slice(job.seed + i, Math.min(SLICE, job.samples - i * SLICE), job.errors.cutting.kind);
    const drawn = drawnIn(model.lay, draws, when);
    if (i < CURVE_SLICES)
      curves.push(
        Array.from({ length: job.steps }, (_, n) =>
          chancesIn(drawn, { width: full.width - n * step, height: full.height - n * step }),
        ),
      );
    asked.push(sizes.map((size) => chancesIn(drawn, size)));
    reply({ kind: "progress", id: job.id, share: (i + 1) / slices });
    await new Promise((on) => setTimeout(on));
    if (job.id !== newest) return;
  }
  reply({
    kind: "done",
    id: job.id,
    samples: job.samples,
    seed: job.seed,
    standardError: 0.5 / Math.sqrt(job.samples),
    from: model.from,
    curve: averageChances(curves),
    sizes: averageChances(asked),
  });
}

function slice(seed: number, count: number, cutting: OddsJob["errors"]["cutting"]["kind"]): Draws {
  const key = `${seed} ${count} ${cutting}`;
  const found = made.get(key) ?? drawsFrom(seed, count, cutting);
  made.set(key, found);
  return found;
}
