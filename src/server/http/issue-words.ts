import type { z } from "zod";

/** What a value should have been, as one would say it. */
const KINDS: Readonly<Record<string, string>> = {
  string: "text",
  number: "a number",
  int: "a whole number",
  boolean: "true or false",
  array: "a list",
  object: "an object with its fields",
  record: "an object with its fields",
  null: "null",
  nan: "a number",
};
const kind = (expected: string): string => KINDS[expected] ?? expected;
const isMissing = (issue: z.core.$ZodIssue): boolean => / received undefined$/.test(issue.message);

/** One thing that is wrong with a request, as a sentence without its subject: "is missing: give it as text". */
export function issueWords(issue: z.core.$ZodIssue): string {
  switch (issue.code) {
    case "invalid_type":
      return isMissing(issue)
        ? `It is missing: give it as ${kind(issue.expected)}.`
        : `Give it as ${kind(issue.expected)}.`;
    case "invalid_value":
      return `Give one of ${issue.values.map(String).join(", ")}.`;
    case "unrecognized_keys":
      return `${issue.keys.join(", ")} is not known here: leave it out, or look at its spelling in /api.`;
    case "too_big":
      return `${SIZE[issue.origin]?.most ?? "Give at most"} ${issue.maximum}${SIZE[issue.origin]?.of ?? ""}${issue.inclusive === false ? ", less than that" : ""}.`;
    case "too_small":
      return `${SIZE[issue.origin]?.least ?? "Give at least"} ${issue.minimum}${SIZE[issue.origin]?.of ?? ""}${issue.inclusive === false ? ", more than that" : ""}.`;
    case "invalid_format":
      return FORMATS[issue.format] ?? sentence(issue.message);
    case "invalid_union":
      return UNION_WORDS.test(issue.message)
        ? sentence(issue.message)
        : "None of the forms it can have fits. See /api.";
    default:
      return sentence(issue.message);
  }
}

const SIZE: Readonly<Record<string, { readonly most: string; readonly least: string; readonly of: string }>> = {
  string: { most: "Write at most", least: "Write at least", of: " characters" },
  array: { most: "Send at most", least: "Send at least", of: " of them" },
  number: { most: "Give at most", least: "Give at least", of: "" },
  int: { most: "Give at most", least: "Give at least", of: "" },
};
const FORMATS: Readonly<Record<string, string>> = {
  uuid: "Give an id as a UUID.",
  datetime: "Give the time in UTC to the millisecond, as 2026-05-20T08:00:00.000Z.",
};
/** A union that says itself what it takes. */
const UNION_WORDS = /^(?:Give|No|Say|Send)/;

export const sentence = (text: string): string => (/[.?!]$/.test(text) ? text : `${text}.`);

/**
 * Of a union, what is wrong with the form that was most nearly meant; where nothing of any form was meant, what the union says
 * of itself.
 */
export function flattened(issues: readonly z.core.$ZodIssue[]): readonly z.core.$ZodIssue[] {
  return issues.flatMap((issue) => {
    if (issue.code !== "invalid_union" || issue.errors.length === 0) return [issue];
    const [nearest = []] = [...issue.errors].sort((a, b) => misfit(a) - misfit(b));
    if (UNION_WORDS.test(issue.message) && nearest.every(isOfAnotherType)) return [issue];
    return flattened(nearest.map((i) => ({ ...i, path: [...issue.path, ...i.path] })));
  });
}

const isOfAnotherType = (i: z.core.$ZodIssue): boolean => i.code === "invalid_type" && i.path.length === 0;

/** A form with keys it does not know, or of another type altogether, was not meant. */
const misfit = (issues: readonly z.core.$ZodIssue[]): number =>
  issues.reduce((n, i) => n + (i.code === "unrecognized_keys" ? 10 * i.keys.length : isOfAnotherType(i) ? 20 : 1), 0);
