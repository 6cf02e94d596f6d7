type Loose = Readonly<Record<string, unknown>>;
const isObject = (raw: unknown): raw is Loose => typeof raw === "object" && raw !== null && !Array.isArray(raw);

/**
 * A week as older programs send it: a visit wanted one `skill` or null, where it now wants `skills`. Anything else is left for
 * the schema to read or refuse.
 * @example { week: { visits: [{ id: "a", skill: "lead" }] } } // { week: { visits: [{ id: "a", skills: ["lead"] }] } }
 */
export function weekBroughtUp(raw: unknown): unknown {
  if (!isObject(raw) || !isObject(raw.week) || !Array.isArray(raw.week.visits)) return raw;
  const visits: readonly unknown[] = raw.week.visits;
  return { ...raw, week: { ...raw.week, visits: visits.map(visitBroughtUp) } };
}

function visitBroughtUp(visit: unknown): unknown {
  if (!isObject(visit) || !("skill" in visit) || "skills" in visit) return visit;
  const { skill, ...rest } = visit;
  return { ...rest, skills: skill === null ? [] : [skill] };
}
