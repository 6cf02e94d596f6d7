import { join } from "node:path";
import { sourcesHash } from "./sources-hash.mjs";

/** Written in by the build; what runs from the sources has none. */
declare const TABLES_MADE_BY: number | undefined;

/**
 * By which sources the tables are made: a file that others made has them made again, and nobody has to remember to say so. The
 * build writes it in; what runs from the sources looks at them.
 */
export const TABLES_VERSION: number =
  typeof TABLES_MADE_BY === "undefined" ? sourcesHash(join(import.meta.dirname, "../..")) : TABLES_MADE_BY;
