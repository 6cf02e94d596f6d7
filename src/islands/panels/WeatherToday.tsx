import { useMemo } from "react";
import { compoundInText } from "../../core/bed/compounds.ts";
import { visitsOf } from "../../core/pane/visits.ts";
import type { VisitPart } from "../../core/plan/visit-part.ts";
import { weatherAgainst } from "../../core/set/weather-against.ts";
import { againstText } from "../../core/words/weather-here.ts";
import { usePane } from "./pane-context.ts";

/** Too cold or too wet today for what is to be done here: said before it is begun. */
export function WeatherToday({ part }: { readonly part: VisitPart }) {
  const { book, reckoning: r, today, weather, prefs, say } = usePane();
  const visit = useMemo(
    () => weather && visitsOf(book, r, today).find((v) => v.part === part),
    [weather, book, r, today, part],
  );
  if (!weather || !visit) return null;
  const text = againstText(weatherAgainst(visit, weather, today), weather.by, compoundInText(r.compound), prefs.unit);
  return text === "" ? null : <p className="note-wax">{say(text)}</p>;
}
