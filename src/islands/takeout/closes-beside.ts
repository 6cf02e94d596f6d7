import type { Next } from "../../core/pane/next.ts";

/** Whether the hole is closed beside the steps, because it comes next: then it is not asked a second time under a tab. */
export const closesBeside = (next: Next): boolean => next.kind === "close-hole" && next.station === "takeout";
