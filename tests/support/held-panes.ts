import type { System } from "../../src/core/frame/systems.ts";
import type { Station } from "../../src/core/plan/stations.ts";
import { PANE, Teller } from "./told.ts";

/** Nothing that goes in is here yet. */
export const away = (system: System): Teller => new Teller().added(PANE, system);
/** What goes in is at hand. */
export const pane = (system: System): Teller => {
  const t = away(system);
  const size = (text: string) => ({ text, unit: "mm" as const });
  t.tell("order.had", { from: "bought", width: size("597"), height: size("897"), note: "" });
  return t;
};
export const ticked = (t: Teller, station: Station, step: string, done: readonly string[]) => {
  t.tell("step.sides", { station, step, done });
  return t;
};
