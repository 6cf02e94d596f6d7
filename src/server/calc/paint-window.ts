import type { z } from "zod";
import type { PaintAnswer, PaintCase } from "../../contract/calc-paint-window.ts";
import { compoundById } from "../../core/bed/compounds.ts";
import { paintWindow } from "../../core/finish/paint-window.ts";
import { ok } from "../../core/result.ts";
import { type Day, dayOf, writeDay } from "../../core/units/day.ts";
import { paintSentence } from "../../core/words/finish.ts";
import type { Outcome } from "../http/endpoint.ts";

export function calcPaintWindow(asked: PaintCase): Outcome<z.output<typeof PaintAnswer>> {
  const named = typeof asked.compound === "string" ? compoundById(asked.compound) : undefined;
  const compound = named ?? (asked.compound as Exclude<PaintCase["compound"], string>);
  const found = paintWindow(compound, dayOf(asked.set), {
    workingWeekdays: asked.workingWeekdays,
    daysOff: new Set(asked.daysOff.map(dayOf)),
    wet: new Set(asked.wet.map(dayOf)),
    lowC: new Map(Object.entries(asked.lowC).map(([d, c]) => [dayOf(d), c])),
  });
  const says = {
    message: paintSentence(found),
    rule: "cure runs through all but cold days; window includes both ends; first fit day",
    source: named?.source ?? "the label given",
  };
  if (found.kind === "not-painted")
    return ok({ painted: false, opens: null, closes: null, from: null, coldDays: 0, unfit: [], ...says });
  const text = (d: Day | null): string | null => (d === null ? null : writeDay(d));
  return ok({
    painted: true,
    opens: writeDay(found.opens),
    closes: text(found.closes),
    from: text(found.from),
    coldDays: found.coldDays,
    unfit: found.unfit.map((u) => ({ day: writeDay(u.day), why: u.why })),
    ...says,
  });
}
