import type { HouseRules } from "../house/rules.ts";
import type { LengthUnit } from "../units/length.ts";
import type { Dialect } from "./dialect.ts";

/** How one reader wants things said, and who they are. Kept in their browser, never in the log. */
export type Prefs = { readonly unit: LengthUnit; readonly dialect: Dialect; readonly who: string };

export const PREFS_DEFAULT: Prefs = { unit: "mm", dialect: "a", who: "Glazier" };

/**
 * Reads what a browser kept; anything strange, or nothing, is as the firm reads. Who writes is the one the firm knows best until told.
 * @example prefsFrom(() => undefined) // PREFS_DEFAULT
 */
export function prefsFrom(
  kept: (name: "unit" | "dialect" | "who") => string | undefined,
  known?: string,
  firm: Pick<Prefs, "unit" | "dialect"> = PREFS_DEFAULT,
): Prefs {
  const unit = kept("unit");
  const dialect = kept("dialect");
  const who = kept("who")?.trim().slice(0, 60);
  return {
    unit: unit === "in" || unit === "mm" ? unit : firm.unit,
    dialect: dialect === "a" || dialect === "b" ? dialect : firm.dialect,
    who: who || known || PREFS_DEFAULT.who,
  };
}

/** How the firm reads, for whoever has not chosen. */
export const firmReads = (house: Pick<HouseRules, "readsIn" | "speaks">): Pick<Prefs, "unit" | "dialect"> => ({
  unit: house.readsIn,
  dialect: house.speaks === "stop and point" ? "b" : "a",
});
