/** Where everybody starts and the bench stands, among the places of the plan. */
export const YARD = "yard";
