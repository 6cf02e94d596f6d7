import { changed, joined, same } from "./join.ts";
import { type Entry, KINDS, type Kind, type Payloads } from "./kinds.ts";

/** Two people said different things of the same, and neither had seen the other's. The later stands until somebody settles it. */
export type Apart = {
  /** Which field, as its path in the payload; "" for the whole. */
  readonly field: string;
  readonly earlier: Entry;
  readonly later: Entry;
};

/** What entries of one thing replace each other by; null where each stands for itself. */
export function threadOf(e: Entry): string | null {
  const fact = KINDS[e.kind];
  if (fact.key === null) return null;
  const key = (fact.key as (payload: Payloads[Kind]) => string)(e.payload);
  return `${e.kind}\n${e.about.pane ?? ""}\n${e.about.order ?? ""}\n${e.about.round ?? ""}\n${key}`;
}

/** What a new entry of this thing has before it: those of its thread that none of the others has seen. */
export function headsOf(standing: readonly Entry[], thread: string): readonly string[] {
  const heads = new Set<string>();
  for (const e of standing) {
    if (threadOf(e) !== thread) continue;
    if (e.seen === undefined) heads.clear();
    else for (const id of e.seen) heads.delete(id);
    heads.add(e.id);
  }
  return [...heads].slice(-MOST_SEEN);
}
export const MOST_SEEN = 20;

type Thread = {
  readonly entries: Entry[];
  /** For each entry, all that its writer had before it, through what that writer's entries had before them. */
  readonly had: Map<string, ReadonlySet<string>>;
  readonly apart: Apart[];
  value: unknown;
};

/**
 * Works out what stands where people wrote apart: the payload of an entry becomes what is true once it is there. `standing` is
 * in the order of the log, `all` holds struck entries too: through them somebody may have seen older ones.
 * @example Bram reads 611, Nell 613, both after 610 // 613 stands; apart: 611 by Bram, 613 by Nell
 */
export function joinApart(
  standing: readonly Entry[],
  all: readonly Entry[],
): { readonly standing: readonly Entry[]; readonly apart: readonly Apart[] } {
  if (!standing.some((e) => e.seen !== undefined)) return { standing, apart: [] };
  const byId = new Map(all.map((e) => [e.id, e]));
  const threads = new Map<string, Thread>();
  const out = standing.map((e) => {
    const key = threadOf(e);
    if (key === null) return e;
    const thread = threads.get(key) ?? { entries: [], had: new Map(), apart: [], value: undefined };
    threads.set(key, thread);
    return add(thread, e, byId);
  });
  const apart = [...threads.values()].flatMap((t) => unsettled(t));
  return { standing: out, apart };
}

function add(thread: Thread, e: Entry, byId: ReadonlyMap<string, Entry>): Entry {
  const had = hadBy(thread, e, byId);
  const unseen = thread.entries.filter((x) => !had.has(x.id));
  thread.had.set(e.id, had);
  thread.entries.push(e);
  if (unseen.length === 0) {
    thread.value = e.payload;
    return e;
  }
  const fact = KINDS[e.kind];
  const how = fact.key === null ? "whole" : fact.apart;
  const base = baseOf(thread, had);
  if (how === "patch" || how === "whole") {
    for (const x of unseen)
      for (const field of clash(how, x.payload, e.payload)) thread.apart.push({ field, earlier: x, later: e });
    thread.value = e.payload;
    return e;
  }
  const mine = new Set(changed(base, e.payload));
  for (const x of unseen) {
    const theirs = changed(baseOf(thread, thread.had.get(x.id) ?? new Set()), x.payload);
    for (const field of theirs)
      if (mine.has(field) && !isList(e.payload, field) && !same(at(x.payload, field), at(e.payload, field)))
        thread.apart.push({ field, earlier: x, later: e });
  }
  thread.value = joined(base, thread.value, e.payload);
  return { ...e, payload: thread.value } as Entry;
}

/** Every entry that the writer had, reached from what they said they had. Unknown: all there is by then. */
function hadBy(thread: Thread, e: Entry, byId: ReadonlyMap<string, Entry>): ReadonlySet<string> {
  if (e.seen === undefined) return new Set(thread.entries.map((x) => x.id));
  const had = new Set<string>();
  const open = [...e.seen];
  for (let id = open.pop(); id !== undefined; id = open.pop()) {
    if (had.has(id)) continue;
    had.add(id);
    const known = thread.had.get(id);
    const struck = byId.get(id);
    if (known) for (const older of known) had.add(older);
    // Struck meanwhile: what its writer had, its reader had too.
    else if (struck?.seen) open.push(...struck.seen);
    // Left out of what is carried here, or of a writer who said nothing: by then, all there was.
    else return new Set([...had, ...thread.entries.map((x) => x.id)]);
  }
  return had;
}

/** What stood for somebody who had only these. */
function baseOf(thread: Thread, had: ReadonlySet<string>): unknown {
  let value: unknown;
  const seen: Entry[] = [];
  for (const e of thread.entries) {
    if (!had.has(e.id)) continue;
    const own = thread.had.get(e.id) ?? new Set<string>();
    value = seen.every((x) => own.has(x.id)) ? e.payload : joined(baseOf(thread, own), value, e.payload);
    seen.push(e);
  }
  return value;
}

/** Where two of one thing do not say the same. */
function clash(how: "whole" | "patch", a: Payloads[Kind], b: Payloads[Kind]): readonly string[] {
  if (how === "whole") return same(a, b) ? [] : [""];
  return Object.entries(b).flatMap(([k, v]) =>
    v !== undefined && k in a && !same((a as Readonly<Record<string, unknown>>)[k], v) ? [k] : [],
  );
}

const at = (payload: unknown, path: string): unknown =>
  path.split(".").reduce<unknown>((v, k) => (v as Readonly<Record<string, unknown>> | null | undefined)?.[k], payload);
const isList = (payload: unknown, path: string): boolean => Array.isArray(at(payload, path));

/**
 * Those that nobody settled since: by writing after both, or by saying that field anew after one of them, which then stands
 * against the other in its place.
 */
const unsettled = (t: Thread): readonly Apart[] =>
  t.apart.filter(
    ({ field, earlier, later }) =>
      !t.entries.some((e) => {
        const had = t.had.get(e.id);
        const [first, second] = [had?.has(earlier.id) === true, had?.has(later.id) === true];
        return (first && second) || ((first || second) && says(t, e, field));
      }),
  );

/** Whether an entry says something of a field, and not only repeats what its writer had. */
function says(t: Thread, e: Entry, field: string): boolean {
  const fact = KINDS[e.kind];
  if (fact.key === null || fact.apart === "whole") return true;
  if (fact.apart === "patch") return at(e.payload, field) !== undefined;
  return changed(baseOf(t, t.had.get(e.id) ?? new Set()), e.payload).includes(field);
}

/**
 * What is written to settle it: all that stands of the thing now, with this field as one of the two said it.
 * `standing` is what stands of the log they are in.
 */
export function settledAs(standing: readonly Entry[], { field, later }: Apart, as: Entry): Payloads[Kind] {
  const thread = threadOf(later);
  const now = standing.findLast((e) => threadOf(e) === thread) ?? later;
  if (field === "") return as.payload;
  return withField(now.payload, field.split("."), at(as.payload, field)) as Payloads[Kind];
}

/**
 * What is written to settle all that one person wrote apart in their way, one entry a thing; what they did not write stays as
 * it is.
 * @example three places that both read, as Bram read them // three readings of Bram's
 */
export function settledAllAs(
  standing: readonly Entry[],
  apart: readonly Apart[],
  who: string,
): readonly { readonly as: Entry; readonly payload: Payloads[Kind] }[] {
  const by = new Map<string, { as: Entry; payload: Payloads[Kind] }>();
  for (const one of apart) {
    const as = [one.later, one.earlier].find((e) => e.who === who);
    const thread = threadOf(one.later);
    if (!as || thread === null) continue;
    const before = by.get(thread)?.payload;
    const payload =
      before === undefined || one.field === ""
        ? settledAs(standing, one, as)
        : (withField(before, one.field.split("."), at(as.payload, one.field)) as Payloads[Kind]);
    by.set(thread, { as, payload });
  }
  return [...by.values()];
}

/** Who wrote something apart, each once, whoever stands for now first; nobody where it was all one person on two devices. */
export function writersApart(apart: readonly Apart[]): readonly string[] {
  const all = [...new Set(apart.flatMap((a) => [a.later.who, a.earlier.who]))];
  return all.length > 1 ? all : [];
}

function withField(payload: unknown, [first, ...rest]: readonly string[], value: unknown): unknown {
  if (first === undefined) return value;
  const was = (payload ?? {}) as Readonly<Record<string, unknown>>;
  return { ...was, [first]: withField(was[first], rest, value) };
}
