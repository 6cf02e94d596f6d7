/** How a line of face putty came out. */
export const LINE_RATINGS = ["smooth", "marks", "hollow", "high"] as const;
export type LineRating = (typeof LINE_RATINGS)[number];

/** What follows from it, and whether it is worked once more while it is soft. Source: trade practice. */
export const RATING_FACTS: Readonly<
  Record<LineRating, { readonly name: string; readonly says: string; readonly again: boolean }>
> = {
  smooth: { name: "smooth", says: "As it should be.", again: false },
  marks: {
    name: "knife marks",
    says: "Paint hides a knife mark: leave it, and do not polish it to death.",
    again: false,
  },
  hollow: {
    name: "hollow",
    says: "Paint shows a hollow: lay a thin roll in, and strike it again from corner to corner.",
    again: true,
  },
  high: {
    name: "over the sight line",
    says: "It shows from the room: cut it back to the sight line with a clean knife, and strike it again.",
    again: true,
  },
};
