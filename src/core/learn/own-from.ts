/** What a figure of the firm's own was learned from. */
export const OWN_OF = ["sides", "second readings", "fits", "panes cut"] as const;

/** So many of them, and of which. @example { seen: 34, of: "sides" } // your own, from 34 sides */
export type OwnFrom = { readonly seen: number; readonly of: (typeof OWN_OF)[number] };
