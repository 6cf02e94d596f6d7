import type { AstroCookies } from "astro";
import { type Prefs, prefsFrom } from "../core/words/prefs.ts";

export const readPrefs = (cookies: AstroCookies): Prefs => prefsFrom((name) => cookies.get(name)?.value);
