import type { AstroCookies } from "astro";
import { firmReads, type Prefs, prefsFrom } from "../core/words/prefs.ts";
import { listPeople } from "../db/lists.ts";
import { loadFirm } from "./firm.ts";
import { theDatabase } from "./the-database.ts";

/** How this reader wants things said; before they have said who they are, they are whoever writes most here. */
export const readPrefs = (cookies: AstroCookies): Prefs =>
  prefsFrom(
    (name) => cookies.get(name)?.value,
    cookies.get("who") ? undefined : listPeople(theDatabase())[0],
    firmReads(loadFirm(theDatabase()).firm.house),
  );
