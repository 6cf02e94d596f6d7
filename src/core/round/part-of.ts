import type { Next } from "../pane/next.ts";

/** Parts of a round that are looked at by themselves. */
export const PARTS = ["open", "presses", "measure", "order", "bench", "finish", "done"] as const;
export type Part = (typeof PARTS)[number];

export const PART_NAMES: Readonly<Record<Part, string>> = {
  open: "all open",
  presses: "pressing",
  measure: "look and measure",
  order: "choose and order",
  bench: "take out and set",
  finish: "finish, sign off",
  done: "signed off",
};

type Kind = Next["kind"];

/** What is wrong, late or open to the weather: it comes first and is marked. */
const PRESSES: Readonly<Record<Kind, boolean>> = {
  look: false,
  "say-held": false,
  "close-hole": true,
  "keep-or-renew": false,
  "read-size": false,
  "read-again": true,
  "read-corners": false,
  "read-rest": false,
  "read-copied": false,
  "read-cleared": false,
  "pane-will-not-fit": true,
  "readings-disagree": true,
  slip: true,
  "no-rectangle": true,
  "choose-safety": true,
  "choose-unit": false,
  settle: false,
  "put-on-order": false,
  "cut-here": false,
  "send-order": false,
  "check-in": false,
  chase: true,
  "order-again": true,
  "ordered-twice": true,
  "take-out": false,
  "make-ready": false,
  set: false,
  paint: false,
  "come-back": false,
  "wait-paint": false,
  "past-paint": true,
  "finish-off": false,
  "sign-off": false,
  "signed-off": false,
  broken: true,
};

export const presses = (next: Pick<Next, "kind">): boolean => PRESSES[next.kind];

const OF_STATION: Readonly<Record<Next["station"], Part>> = {
  look: "measure",
  measure: "measure",
  specify: "order",
  order: "order",
  takeout: "bench",
  ready: "bench",
  set: "bench",
  finish: "finish",
  signoff: "finish",
};

/**
 * Whether a pane belongs to a part of the round, by what is to be done with it next.
 * @example one whose glass is late // "open", "presses" and "order"
 */
export function isIn(part: Part, next: Next): boolean {
  const done = next.kind === "signed-off";
  if (part === "done") return done;
  if (done) return false;
  return part === "open" || (part === "presses" ? presses(next) : OF_STATION[next.station] === part);
}

/** What presses first; for the rest the walk stays as it is. */
export const pressingFirst = <R extends { readonly next: Next }>(rows: readonly R[]): readonly R[] => [
  ...rows.filter((r) => presses(r.next)),
  ...rows.filter((r) => !presses(r.next)),
];
