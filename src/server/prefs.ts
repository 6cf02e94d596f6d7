import type { AstroCookies } from "astro";
import { type Prefs, prefsFrom } from "../core/words/prefs.ts";
import { listPeople } from "../db/lists.ts";
import { theDatabase } from "./the-database.ts";

/** How this reader wants things said; before they have said who they are, they are whoever writes most here. */
export const readPrefs = (cookies: AstroCookies): Prefs =>
  prefsFrom((name) => cookies.get(name)?.value, cookies.get("who") ? undefined : listPeople(theDatabase())[0]);
