import type { Against, WeatherHere } from "../set/weather-against.ts";
import type { Template } from "../text/template.ts";
import type { LengthUnit } from "../units/length.ts";
import { clock } from "./clock.ts";
import { inUnit } from "./in-unit.ts";

/**
 * What today's weather has against the work, and what to do about it; "" where nothing.
 * @example down to 3 °C, linseed putty wants 5 // "Today goes down to 3 °C by the forecast, and linseed putty wants 5 °C or more all day: …"
 */
export function againstText(
  against: readonly Against[],
  by: WeatherHere["by"],
  bed: Template,
  unit: LengthUnit,
): Template {
  const known = by === "entered" ? "as entered" : "by the forecast";
  return against
    .map((a): Template => {
      if (a.kind === "cold")
        return inUnit<Template>(
          `Today goes down to ${a.lowC} °C ${known}, and ${bed} wants ${a.leastC} °C or more all day: warm the place, bring the sash in, or another day.`,
          unit,
        );
      const [first] = a.rain;
      const when = !first || first[1] - first[0] >= 1000 ? "all day" : `${clock(first[0])} to ${clock(first[1])}`;
      return `Rain ${when} ${known}: what is done outside here wants a dry day, or a cover.`;
    })
    .join(" ");
}
