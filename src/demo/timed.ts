import type { seeded } from "../core/chance/seeded.ts";
import type { Took } from "../core/steps/past.ts";
import type { Story } from "./story.ts";

type Work = Pick<Took, "station" | "step"> & {
  /** What the house says, minutes, and what it truly takes here by the metre. */
  readonly usual: number;
  readonly aMetre: number;
};

/** What is timed of a pane in face putty: hacked out slower than the house says, bedded and faced quicker. */
const PUTTY_WORK: readonly Work[] = [
  { station: "takeout", step: "face-putty/hard", usual: 40, aMetre: 17 },
  { station: "set", step: "bed", usual: 6, aMetre: 2 },
  { station: "set", step: "face", usual: 15, aMetre: 4.5 },
];
/** Times differ by so much from one pane to the next. */
const SCATTER = 0.25;

/** How long somebody took over a puttied pane's steps; the one who was called away left the clock running. */
export function tellTimed(
  story: Story,
  work: {
    readonly metres: number;
    readonly quick: number;
    readonly calledAway: boolean;
    readonly chance: ReturnType<typeof seeded>;
  },
): void {
  for (const { station, step, usual, aMetre } of PUTTY_WORK) {
    const took = aMetre * work.metres * work.quick * Math.exp(SCATTER * work.chance.normal());
    story.tell(
      "work.took",
      {},
      {
        system: "timber-putty",
        station,
        step,
        minutes: Math.max(1, Math.round(work.calledAway && step === "bed" ? 12 * took : took)),
        metres: Math.round(work.metres * 100) / 100,
        usual,
      },
    );
  }
}
