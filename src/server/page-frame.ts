import type { AstroCookies } from "astro";
import type { Prefs } from "../core/words/prefs.ts";
import { listPeople } from "../db/lists.ts";
import { loadFirm } from "./firm.ts";
import { readPrefs } from "./prefs.ts";
import { theDatabase } from "./the-database.ts";

/** What every page's frame needs: how this reader wants things said, and who has written here. */
export const pageFrame = (cookies: AstroCookies): { readonly prefs: Prefs; readonly people: readonly string[] } => ({
  prefs: readPrefs(cookies),
  people: [...new Set([...listPeople(theDatabase()), ...loadFirm(theDatabase()).firm.plan.people.map((p) => p.name)])],
});
