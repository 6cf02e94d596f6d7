/* Joins what two people changed in the same thing without seeing each other's change. */

type Plain = Readonly<Record<string, unknown>>;

const isPlain = (v: unknown): v is Plain => typeof v === "object" && v !== null && !Array.isArray(v);
/** A figure as it was written is one thing: its text belongs to its unit. */
const isWritten = (v: Plain): boolean => "text" in v && "unit" in v;
const text = (v: unknown): string => JSON.stringify(v) ?? "";
export const same = (a: unknown, b: unknown): boolean => text(a) === text(b);

/** What of a list tells one of its things from another. */
const nameOf = (v: unknown): string => {
  if (!isPlain(v)) return text(v);
  const name = v["what"] ?? v["product"] ?? v["extra"];
  return name === undefined ? text(v) : text(name);
};

/** Where nothing was there before, what a form leaves empty says nothing. */
const isUnsaid = (base: unknown, v: unknown): boolean =>
  base === undefined &&
  (v === undefined || v === null || v === "" || v === false || (Array.isArray(v) && v.length === 0));

/** Fields that `theirs` changed of `base`, by their path; lists and figures are changed as wholes. */
export function changed(base: unknown, theirs: unknown, path = ""): readonly string[] {
  if (same(base, theirs) || isUnsaid(base, theirs)) return [];
  if (!isPlain(theirs) || isWritten(theirs)) return [path];
  const was = isPlain(base) ? base : {};
  return [...new Set([...Object.keys(was), ...Object.keys(theirs)])].flatMap((k) =>
    changed(was[k], theirs[k], path === "" ? k : `${path}.${k}`),
  );
}

/**
 * What stands where `ours` is there, and `theirs` was written by somebody who had only `base` before them: every field that
 * they changed is theirs, the others stay; of lists, what they put in is added and what they took out is taken out.
 * @example joined({ by: null, mustLock: false }, { by: null, mustLock: true }, { by: "2026-06-01", mustLock: false })
 * // { by: "2026-06-01", mustLock: true }
 */
export function joined(base: unknown, ours: unknown, theirs: unknown): unknown {
  if (same(base, theirs) || isUnsaid(base, theirs)) return ours ?? theirs;
  if (same(base, ours) || isUnsaid(base, ours)) return theirs;
  if (Array.isArray(theirs) && Array.isArray(ours)) return joinedLists(Array.isArray(base) ? base : [], ours, theirs);
  if (!isPlain(theirs) || !isPlain(ours) || isWritten(theirs)) return theirs;
  const was = isPlain(base) ? base : {};
  const out: Record<string, unknown> = {};
  for (const k of new Set([...Object.keys(ours), ...Object.keys(theirs)])) {
    const v = joined(was[k], ours[k], theirs[k]);
    if (v !== undefined) out[k] = v;
  }
  return out;
}

function joinedLists(base: readonly unknown[], ours: readonly unknown[], theirs: readonly unknown[]): unknown[] {
  const [was, mine, new_] = [base, ours, theirs].map((l) => new Map(l.map((v) => [nameOf(v), v]))) as [
    Map<string, unknown>,
    Map<string, unknown>,
    Map<string, unknown>,
  ];
  const kept = [...mine].filter(([k]) => new_.has(k) || !was.has(k));
  const out = kept.map(([k, v]) => (new_.has(k) ? joined(was.get(k), v, new_.get(k)) : v));
  return [...out, ...[...new_].filter(([k]) => !mine.has(k) && !was.has(k)).map(([, v]) => v)];
}
