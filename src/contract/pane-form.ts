import { z } from "zod";
import { SYSTEMS } from "../core/look/systems.ts";

const Needed = (what: string) =>
  z.string().trim().min(1, `Say ${what}, so that it is found again.`).max(120, "Make it shorter: 120 letters at most.");

/** What is asked when a pane is added: the payload of its first entry, less the round. */
export const PaneForm = z.strictObject({
  address: Needed("the address or building"),
  opening: Needed("which opening it is"),
  light: z.string().trim().max(200, "Make it shorter: 200 letters at most."),
  system: z.enum(SYSTEMS),
  side: z.enum(["inside", "outside"]),
});
