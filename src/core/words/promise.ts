import type { CountedPromise } from "../pane/promise.ts";
import type { Day } from "../units/day.ts";
import { sayDay } from "./days.ts";
import { percent } from "./percent.ts";

const ASKED: Readonly<Record<CountedPromise["asked"], string>> = {
  told: "they were told",
  wanted: "wanted by",
  closed: "closed up until",
};

/** Who counts on which day. @example "wanted by Wed 3 Jun" */
export const promisedText = (p: CountedPromise): string => `${ASKED[p.asked]} ${sayDay(p.day)}`;

/** The chance, in a word or two. @example 0.76 // "76%"; glass that is here, the plan in time // "all but sure" */
export const keptText = ({ chance, restsOn }: CountedPromise): string =>
  chance === null
    ? "nobody can say"
    : chance === 0
      ? "not kept"
      : restsOn.kind === "set"
        ? "kept"
        : chance > 0.995
          ? "all but sure"
          : percent(chance);

/** Likely enough to leave alone, worth an eye, or to be told before they ask. */
export const keptTone = ({ chance }: CountedPromise): "sure" | "fair" | "poor" =>
  chance === null ? "fair" : chance >= 0.9 ? "sure" : chance >= 0.6 ? "fair" : "poor";

const goesBack = (right: number): string => (right < 1 ? ` ${percent(1 - right)} of theirs goes back.` : "");
const orders = (n: number): string =>
  n === 0 ? "by their word alone" : n === 1 ? "by their one order so far" : `by their ${n} orders so far`;

function restsText({ restsOn: on, right }: CountedPromise): string {
  switch (on.kind) {
    case "set":
      return on.until === null ? "It is in." : `It is in, and stays as it is until ${sayDay(on.until)}.`;
    case "here":
      return right < 1 ? `The glass is here, not looked at yet.${goesBack(right)}` : "The glass is here.";
    case "rack":
      return "Not cut yet: the rack has what it is cut from.";
    case "glass":
      return `Glass from ${on.supplier}, due ${sayDay(on.due)}: ${orders(on.orders)}.${goesBack(right)}`;
    case "not-ordered":
      return `Not ordered yet: if it goes to ${on.supplier} today, ${orders(on.orders)}.${goesBack(right)}`;
    case "nobody":
      return "No size yet, or nobody on the list who makes it.";
  }
}

/** What it rests on, and what would help. @example "Glass from Salt Lane, due Mon 1 Jun: by their word alone. 5.0% of theirs goes back. It has no day yet: fit it by Mon 1 Jun." */
export function promiseWords(p: CountedPromise, today: Day): string {
  const plan =
    p.restsOn.kind === "set"
      ? ""
      : p.fitBy < today
        ? p.day < today
          ? " Its day is past: agree on another."
          : " It would have to be in already, to be cured by then: agree on another day."
        : p.planned === null
          ? ` It has no day on the plan: fit it by ${sayDay(p.fitBy)}.`
          : p.planned > p.fitBy
            ? ` The plan has it on ${sayDay(p.planned)}: it must be in by ${sayDay(p.fitBy)}.`
            : ` Planned for ${sayDay(p.planned)}.`;
  return `${restsText(p)}${plan}`;
}
