import { z } from "zod";
import { SYSTEMS } from "../core/frame/systems.ts";

const Needed = (what: string) =>
  z.string().trim().min(1, `Say ${what}, so that it is found again.`).max(120, "Make it shorter: 120 letters at most.");

/** What is asked when a pane is added: the payload of its first entry, less the round. */
export const PaneForm = z.strictObject({
  address: Needed("the address or building"),
  opening: Needed("which opening it is"),
  light: z.string().trim().max(200, "Make it shorter: 200 letters at most."),
  /** Blank: not known yet, and asked at Look. */
  system: z.union([z.enum(SYSTEMS), z.literal("")]).transform((s) => (s === "" ? null : s)),
  side: z.enum(["inside", "outside"], "Say from which side: inside or outside.").optional(),
  /** A sash of like panes: each is added, numbered by row from the top and column from the left. */
  rows: z.coerce
    .number("Give the rows as a number.")
    .int("Give whole rows.")
    .min(1, "At least one row.")
    .max(12, "At most 12 rows."),
  columns: z.coerce
    .number("Give the columns as a number.")
    .int("Give whole columns.")
    .min(1, "At least one column.")
    .max(12, "At most 12 columns."),
});
