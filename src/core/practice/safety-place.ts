import { type Location, type SafetyVerdict, safetyOf } from "../specify/safety.ts";
import { writeLength } from "../tape/write.ts";
import type { Template } from "../text/template.ts";
import { type LengthUnit, mm, type Nm } from "../units/length.ts";
import { below, type Exercise, oneOf } from "./exercise.ts";

type Kind = SafetyVerdict["kind"];
const offered = (unit: LengthUnit): readonly { readonly kind: Kind; readonly says: Template }[] => [
  { kind: "needed", says: "Safety glass" },
  {
    kind: "small-pane-6mm",
    says: `Safety glass, or ${writeLength(mm(6), unit, { places: 0, ticks: 16 })} in so small a {pane}`,
  },
  { kind: "not-needed", says: "Ordinary glass will do" },
  { kind: "not-known", says: "It cannot be told from this" },
];
const BECAUSE: Readonly<Record<Extract<SafetyVerdict, { because: unknown }>["because"], Template>> = {
  "in-door": "it is in a door",
  "beside-door": "it is beside a door, within arm's reach",
  low: "it is low enough to fall against",
  "large-and-low": "it is large, low, and beside a way",
  "wet-room": "people slip beside it",
  stairs: "people fall beside stairs",
  "small-pane": "it is a small {pane}",
  "high-enough": "it is high enough",
  "clear-of-doors": "it is clear of doors",
};

/** A place told in words: does it want safety glass? By the heights of set M; the local code decides. */
export const SAFETY_PLACE: Exercise = {
  name: "Safety glass by its place",
  why: "Ordinary glass where somebody falls against it hurts people, and is made again.",
  make: (c, level, unit) => {
    const at = place(c, level);
    const verdict = safetyOf("M", at);
    const options = offered(unit);
    return {
      asks: "By heights above the floor and the distance to a door: what goes in here?",
      form: { kind: "choice", options: options.map((o) => o.says) },
      picture: { kind: "lines", lines: told(at, unit) },
      judge: ({ picks }) => ({
        right: options[picks[0] ?? -1]?.kind === verdict.kind,
        offMm: null,
        says: `${options.find((o) => o.kind === verdict.kind)?.says}: ${
          verdict.kind === "not-known"
            ? `nobody read the ${verdict.missing.map((m) => (m === "sill-height" ? "height of the sill" : "distance to the door")).join(" and the ")}`
            : BECAUSE[verdict.because]
        }. Guidance: the local code decides.`,
      }),
    };
  },
};

function place(c: Parameters<Exercise["make"]>[0], level: number): Location {
  const unknown = level >= 3 && c.uniform() < 0.2;
  const inDoor = c.uniform() < 0.15;
  return {
    inDoor,
    wetRoom: c.uniform() < 0.15,
    stairs: c.uniform() < 0.12,
    walkway: c.uniform() < 0.3,
    sillHeight: unknown ? null : mm(oneOf(c, [0, 300, 450, 700, 790, 810, 900, 1200, 1480, 1520])),
    doorDistance: unknown && c.uniform() < 0.5 ? null : mm(oneOf(c, [100, 250, 290, 310, 600, 1500, 3000])),
    width: mm(200 + 10 * below(c, 110)),
    height: mm(200 + 10 * below(c, 140)),
  };
}

function told(at: Location, unit: LengthUnit): readonly Template[] {
  const text = (length: Nm): string => writeLength(length, unit, { places: 0, ticks: 16 });
  return [
    `The {pane} is ${text(at.width)} × ${text(at.height)}`,
    at.inDoor
      ? "It is in a door"
      : at.doorDistance === null
        ? "Nobody read how far the next door is"
        : `The edge of the next door is ${text(at.doorDistance)} away`,
    at.sillHeight === null
      ? "Nobody read how high its lower edge is"
      : `Its lower edge is ${text(at.sillHeight)} above the floor`,
    ...(at.wetRoom ? ["In a bathroom"] : []),
    ...(at.stairs ? ["At the foot of stairs"] : []),
    ...(at.walkway ? ["Beside a way that people walk"] : []),
  ];
}
