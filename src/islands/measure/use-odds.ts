import { useEffect, useRef, useState } from "react";
import type { OddsReply } from "../../contract/odds-job.ts";
import type { OddsInput } from "../../core/size/best.ts";
import { gridStep, mm, type Nm } from "../../core/units/length.ts";
import { type OddsClient, type OddsDone, oddsClient } from "../../workers/odds-client.ts";

export type Odds = { readonly done: OddsDone | null; readonly share: number };

/** The page's seed: the same readings always show the same chances. */
const SEED = 20;
const SAMPLES = 100_000;
const MOST_OFF = mm(12);
/** Between two keys of one reading nothing is drawn: it would be dropped, ms. */
const PAUSE_MS = 150;

/**
 * Chances for every deduction and for some sizes, drawn in a worker. What was last drawn stays until the new is there; the
 * next key drops what is being drawn.
 */
export function useOdds(input: OddsInput, sizes: readonly { readonly width: Nm; readonly height: Nm }[]): Odds {
  const client = useRef<OddsClient | null>(null);
  const [odds, setOdds] = useState<Odds>({ done: null, share: 0 });
  const { figure: _, readings, grid, depths, leastCover, errors } = input;
  const job = JSON.stringify({
    readings,
    grid,
    depths: depths ?? null,
    leastCover,
    errors,
    sizes,
    steps: Math.floor(MOST_OFF / gridStep(grid)) + 1,
    samples: SAMPLES,
    seed: SEED,
  });
  useEffect(() => {
    client.current = oddsClient();
    return () => client.current?.end();
  }, []);
  useEffect(() => {
    let drop = () => {};
    // Progress is only shown while there is nothing else: a chart that stands is not drawn again for it.
    const told = (reply: OddsReply) => {
      if (reply.kind === "done") setOdds({ done: reply, share: 1 });
      else if (reply.kind === "progress") setOdds((now) => (now.done ? now : { ...now, share: reply.share }));
      else setOdds({ done: null, share: 1 });
    };
    const pause = setTimeout(() => {
      drop = client.current?.ask(JSON.parse(job), told) ?? drop;
    }, PAUSE_MS);
    return () => {
      clearTimeout(pause);
      drop();
    };
  }, [job]);
  return odds;
}
