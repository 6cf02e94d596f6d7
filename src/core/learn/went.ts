/** How a pane went into its opening on the day. */
export const WENT = ["easy", "tight", "bound", "loose"] as const;
export type Went = (typeof WENT)[number];

export const WENT_FACTS: Readonly<Record<Went, { readonly name: string; readonly means: string }>> = {
  easy: { name: "went in, with room", means: "a gap all round" },
  tight: { name: "tight", means: "it had to be coaxed, and touches nowhere" },
  bound: { name: "bound", means: "it did not go in before something was eased" },
  loose: { name: "loose", means: "it went in, and the cover is thin somewhere" },
};
