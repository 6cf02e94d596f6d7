/** A door's insert as it is ordered: frame and glass in one. */
export type LineInsert = {
  /** Its family on the firm's list; empty where it is none of them. */
  readonly family: string;
  /** What its size is of: its frame that shows on the door, or the opening seen in it. */
  readonly over: InsertSize;
  /** Safety glass in it, or ordinary; null where nobody said. */
  readonly safety: boolean | null;
};

export const INSERT_SIZES = ["outside", "inside"] as const;
export type InsertSize = (typeof INSERT_SIZES)[number];

/** How an order says which size it states: there is no glass to be cut by it. */
export const INSERT_SIZE_WORDS: Readonly<Record<InsertSize, string>> = {
  outside: "size over its frame, outside to outside",
  inside: "size of the opening seen in it",
};

/** What it is, for whoever makes it. @example { family: "Tern Quay", safety: true } // "complete insert, Tern Quay, safety glass in it" */
export const insertText = (i: Pick<LineInsert, "family" | "safety">): string =>
  ["complete insert", i.family, i.safety === null ? "" : i.safety ? "safety glass in it" : "ordinary glass in it"]
    .filter(Boolean)
    .join(", ");
