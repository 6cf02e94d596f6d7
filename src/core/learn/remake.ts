import type { Whose } from "../order/had.ts";
import type { Template } from "../text/template.ts";

/** What went wrong with a pane that came back. */
export const REMAKE_WHYS = [
  "read-wrong",
  "sized-wrong",
  "specified-wrong",
  "ordered-wrong",
  "made-wrong",
  "carried",
  "broke-in-setting",
  "failed-after",
] as const;
export type RemakeWhy = (typeof REMAKE_WHYS)[number];

type WhyFact = {
  readonly name: string;
  /** What of this application would have prevented it. */
  readonly prevents: Template;
  /** Whose it mostly is: shown, and never decides. */
  readonly mostly: Whose;
};

export const REMAKE_WHY: Readonly<Record<RemakeWhy, WhyFact>> = {
  "read-wrong": {
    name: "read wrong",
    prevents:
      "Read all eight, and a second set without looking at the first: slips and doubts are named before it is ordered.",
    mostly: "ours",
  },
  "sized-wrong": {
    name: "sized wrong",
    prevents:
      "Order by best odds, with your own figures for tape and cutter; a chance of trouble over the limit asks for a word why.",
    mostly: "ours",
  },
  "specified-wrong": {
    name: "wrong glass",
    prevents: "Answer where it stands (height, door, use) and read the old marks and coating before it is chosen.",
    mostly: "ours",
  },
  "ordered-wrong": {
    name: "ordered or heard wrong",
    prevents:
      "Read the order back figure by figure, or send the sheet: what the other side repeats is ticked on its line.",
    mostly: "ours",
  },
  "made-wrong": {
    name: "made wrong",
    prevents: "Check in with the tape when it comes, sides, corners and looks, before the van leaves with it.",
    mostly: "supplier",
  },
  carried: {
    name: "broken or scratched on the way",
    prevents: "Carry it on edge, packed as the kit says; look it over where it is handed over.",
    mostly: "not-known",
  },
  "broke-in-setting": {
    name: "broke in setting",
    prevents:
      "Try it dry first, edges arrissed, no point load from a short {packer} or a nail; two lift what is over the limit.",
    mostly: "ours",
  },
  "failed-after": {
    name: "failed after it was set",
    prevents: "Drains open, bed of the right kind, compatible {packers}; paint inside its window.",
    mostly: "not-known",
  },
};
