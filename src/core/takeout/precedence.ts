/** One part must be off before another can move, and why. */
export type Before<Id extends string = string> = {
  readonly first: Id;
  readonly next: Id;
  readonly because: string;
};

export type RemovalOrder<Id extends string = string> =
  | {
      readonly kind: "order";
      readonly order: readonly Id[];
      /** For each turn, the parts that are free then: the order takes one of them. */
      readonly free: readonly (readonly Id[])[];
    }
  | {
      readonly kind: "impossible";
      /** Rules that go round in a circle: no order can keep them all. */
      readonly circle: readonly Before<Id>[];
    };

/**
 * The order in which parts come off: every rule kept, and of the parts that are free the one with the lowest rank, then
 * the one named first. Of all orders that keep the rules it is the least by rank, read from the start.
 * @example parts trim 0, stop 0, bead 0; trim before stop, stop before bead // trim, stop, bead
 * @example a before b, b before a // impossible: both rules
 */
export function removalOrder<Id extends string>(
  parts: readonly { readonly id: Id; readonly rank: number }[],
  rules: readonly Before<Id>[],
): RemovalOrder<Id> {
  const known = new Set(parts.map((p) => p.id));
  const among = rules.filter((r) => known.has(r.first) && known.has(r.next));
  const left = new Map(parts.map((p, place) => [p.id, { ...p, place }]));
  const order: Id[] = [];
  const free: (readonly Id[])[] = [];
  while (left.size > 0) {
    const now = [...left.values()]
      .filter((p) => !among.some((r) => r.next === p.id && left.has(r.first)))
      .sort((a, b) => a.rank - b.rank || a.place - b.place);
    const [next] = now;
    if (!next) return { kind: "impossible", circle: circleIn([...left.keys()], among) };
    order.push(next.id);
    free.push(now.map((p) => p.id));
    left.delete(next.id);
  }
  return { kind: "order", order, free };
}

/** Rules that lead from a part back to itself, where every part left waits for another. The shortest such circle. */
function circleIn<Id extends string>(left: readonly Id[], rules: readonly Before<Id>[]): readonly Before<Id>[] {
  const among = rules.filter((r) => left.includes(r.first) && left.includes(r.next));
  let shortest: readonly Before<Id>[] | undefined;
  for (const start of left) {
    const found = wayBack(start, among);
    if (found && (!shortest || found.length < shortest.length)) shortest = found;
  }
  return shortest ?? [];
}

/** The fewest rules from a part back to itself, by breadth. */
function wayBack<Id extends string>(start: Id, rules: readonly Before<Id>[]): readonly Before<Id>[] | undefined {
  let ways: (readonly Before<Id>[])[] = rules.filter((r) => r.first === start).map((r) => [r]);
  const seen = new Set<Id>();
  while (ways.length > 0) {
    const next: (readonly Before<Id>[])[] = [];
    for (const way of ways) {
      const at = way.at(-1)?.next;
      if (at === start) return way;
      if (at === undefined || seen.has(at)) continue;
      seen.add(at);
      for (const r of rules) if (r.first === at) next.push([...way, r]);
    }
    ways = next;
  }
  return undefined;
}
