/** How lines of inserts were written before they had a field of their own, as a part of what else their maker must know. */
const SAID: Readonly<Record<string, "outside" | "inside">> = {
  "complete insert, size over its frame outside to outside": "outside",
  "complete insert, size is the opening seen in it": "inside",
};

/**
 * A line as its first version wrote it, brought up: a door's insert said only in the note becomes one, and is no sheet of glass
 * any more. Whether its glass is safety glass was never said. Anything else stays as it is.
 * @example note "Tern Quay; complete insert, size over its frame outside to outside; for a door 44.5 mm thick"
 * // insert { family: "Tern Quay", over: "outside", safety: null }, note "for a door 44.5 mm thick"
 */
export function lineWithInsert(was: unknown): unknown {
  const line = was as { readonly note?: unknown; readonly insert?: unknown } | null;
  if (typeof line !== "object" || line === null || typeof line.note !== "string" || line.insert !== undefined)
    return was;
  const parts = line.note.split("; ");
  const at = parts.findIndex((p) => SAID[p] !== undefined);
  const over = SAID[parts[at] ?? ""];
  if (over === undefined) return was;
  const note = parts.slice(at + 1).join("; ");
  const { note: _, ...rest } = line;
  return {
    ...rest,
    insert: { family: at > 0 ? (parts[at - 1] ?? "") : "", over, safety: null },
    ...(note ? { note } : {}),
  };
}

/**
 * A line as its second version wrote it: what is ordered whole was always a door's insert.
 * @example insert { family: "Tern Quay", over: "outside", safety: true } // whole { what: "insert", family: "Tern Quay", … }
 */
export function lineWithWhole(was: unknown): unknown {
  const line = was as { readonly insert?: unknown } | null;
  if (typeof line !== "object" || line === null || typeof line.insert !== "object" || line.insert === null) return was;
  const { insert, ...rest } = line;
  return { ...rest, whole: { what: "insert", ...insert } };
}
