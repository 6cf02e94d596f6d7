import type { z } from "zod";
import type { CriticalPathAnswer, CriticalPathCase } from "../../contract/calc-critical-path.ts";
import type { SashMassAnswer, SashMassCase } from "../../contract/calc-sash-mass.ts";
import type { ScoreAnswer, ScoreCase } from "../../contract/calc-score.ts";
import { leastStrip, type ScoreError, scoresFor } from "../../core/cut/score.ts";
import { criticalPath, type PlanError } from "../../core/plan/critical-path.ts";
import { fail, ok } from "../../core/result.ts";
import { paneMass } from "../../core/specify/mass.ts";
import { type SashMassError, sashTimber, TIMBER_DENSITY } from "../../core/specify/sash-mass.ts";
import { writeLength } from "../../core/tape/write.ts";
import { dayOf, writeDay } from "../../core/units/day.ts";
import { type LengthUnit, mm } from "../../core/units/length.ts";
import type { Outcome } from "../http/endpoint.ts";
import { inMm, lengthOut } from "./lengths.ts";

const SASH_REFUSED: Readonly<Record<SashMassError["kind"], readonly [message: string, field: string]>> = {
  "no-size": ["Give the sash's outside width and height, and the timber's thickness.", "outside"],
  "no-sight": [
    "The members take up the whole sash: their faces are measured from the outer edge to the sight line.",
    "stile",
  ],
  "rebate-through": [
    "The rebate would cut through the timber: its depth must be less than the narrowest member, its width less than the thickness.",
    "rebateDepth",
  ],
};

export function calcSashMass(asked: SashMassCase): Outcome<z.output<typeof SashMassAnswer>> {
  const { stile, thickness, rebateDepth, rebateWidth } = asked;
  const topRail = asked.topRail ?? stile;
  const read = inMm(
    { ...asked.outside, stile, topRail, bottomRail: asked.bottomRail ?? topRail, thickness, rebateDepth, rebateWidth },
    asked.unit,
  );
  if (!read.ok) return read;
  const at = read.value;
  const timber = sashTimber({
    outsideMm: { width: at.width, height: at.height },
    stileMm: at.stile,
    topRailMm: at.topRail,
    bottomRailMm: at.bottomRail,
    thickMm: at.thickness,
    rebateMm: { depth: at.rebateDepth, width: at.rebateWidth },
    density: asked.density ?? TIMBER_DENSITY[asked.timber],
  });
  if (!timber.ok) {
    const [message, field] = SASH_REFUSED[timber.error.kind];
    return fail({ code: timber.error.kind, message, field });
  }
  let glassKg = 0;
  if (asked.glass) {
    const size = inMm({ width: asked.glass.width, height: asked.glass.height }, asked.unit, "glass.");
    if (!size.ok) return size;
    const sheets = inMm(
      Object.fromEntries(asked.glass.panes.map((p, i) => [String(i), p])),
      asked.unit,
      "glass.panes.",
    );
    if (!sheets.ok) return sheets;
    glassKg = paneMass(size.value.width, size.value.height, Object.values(sheets.value));
  }
  return ok({
    timberKg: timber.value.kg,
    glassKg,
    kg: timber.value.kg + glassKg + asked.addedKg,
    sight: {
      width: lengthOut(mm(timber.value.sightMm.width), asked.unit),
      height: lengthOut(mm(timber.value.sightMm.height), asked.unit),
    },
    rule: "(outside − sight) × thickness less the rebate's ring × density; glass by its sheets at 2 500 kg/m³",
    source: "geometry; densities are common data, the firm's own beat them",
  });
}

const scoreRefused = (error: ScoreError, unit: LengthUnit): { message: string; field: string } => {
  switch (error.kind) {
    case "no-size":
      return { message: "Give the width and height of sheet and pane, more than nothing.", field: "pane" };
    case "too-large":
      return {
        message: `The pane's ${error.side} is ${writeLength(mm(error.overMm), unit)} more than the sheet's: take a larger sheet.`,
        field: `pane.${error.side}`,
      };
    case "strip":
      return {
        message: `${error.what === "pane" ? "The pane" : "What is cut off"} is a strip of ${writeLength(mm(error.widthMm), unit)}: narrower than ${writeLength(mm(error.leastMm), unit)} it does not break out along the score. Take another sheet.`,
        field: error.what === "pane" ? "pane" : "sheet",
      };
  }
};

export function calcScore(asked: ScoreCase): Outcome<z.output<typeof ScoreAnswer>> {
  const sheet = inMm(asked.sheet, asked.unit, "sheet.");
  if (!sheet.ok) return sheet;
  const pane = inMm(asked.pane, asked.unit, "pane.");
  if (!pane.ok) return pane;
  const read = inMm({ thickness: asked.thickness, offset: asked.offset }, asked.unit);
  if (!read.ok) return read;
  const { thickness, offset } = read.value;
  if (thickness <= 0) return fail({ code: "no-thickness", message: "Give the sheet's thickness.", field: "thickness" });
  const scores = scoresFor({ sheet: sheet.value, pane: pane.value, thicknessMm: thickness, offsetMm: offset });
  if (!scores.ok) return fail({ code: scores.error.kind, ...scoreRefused(scores.error, asked.unit) });
  const near = scores.value.find((s) => s.straightedge.datumSide < 0);
  if (near)
    return fail({
      code: "offset-too-large",
      message: `An offset of ${writeLength(mm(offset), asked.unit)} is more than the cut itself: measure it from the wheel to the side of the cutter's head.`,
      field: "offset",
    });
  const out = (v: number) => lengthOut(mm(v), asked.unit);
  const text = (v: number) => writeLength(mm(v), asked.unit);
  return ok({
    scores: scores.value.map((s) => ({
      cuts: s.cuts,
      at: out(s.at),
      long: out(s.long),
      straightedge: { datumSide: out(s.straightedge.datumSide), farSide: out(s.straightedge.farSide) },
      offcut: { width: out(s.offcut.width), height: out(s.offcut.height) },
    })),
    leastStrip: out(leastStrip(thickness)),
    says:
      scores.value.length === 0
        ? "The sheet is the pane: nothing is cut."
        : `${scores.value
            .map(
              (s) =>
                `${s.cuts} at ${text(s.at)}, straightedge at ${text(s.straightedge.datumSide)} on the datum side or ${text(s.straightedge.farSide)} on the far side`,
            )
            .join("; then ")}.`,
    rule: "the order that leaves the larger single offcut, then the shorter score, then width first",
    source: "the bench's own practice",
  });
}

const planRefused = (error: PlanError): { message: string; field: string } => {
  switch (error.kind) {
    case "unknown":
      return { message: `${error.task} follows ${error.after}, which is not among the tasks.`, field: "tasks" };
    case "twice":
      return { message: `Two tasks are called ${error.task}: give each a name of its own.`, field: "tasks" };
    case "circle":
      return {
        message: `${error.tasks.join(", ")} follow each other in a circle: none of them could begin.`,
        field: "tasks",
      };
    case "no-working-day":
      return {
        message: "There is no working day within a year: give workingWeekdays, or fewer days off.",
        field: "workingWeekdays",
      };
    case "too-late":
      return {
        message: `It cannot be done before ${writeDay(error.finish)}: give that day or a later one.`,
        field: "by",
      };
  }
};

export function calcCriticalPath(asked: CriticalPathCase): Outcome<z.output<typeof CriticalPathAnswer>> {
  const calendar = {
    workingWeekdays: asked.workingWeekdays,
    daysOff: new Set(asked.daysOff.map(dayOf)),
    wet: new Set<never>(),
    lowC: new Map<never, never>(),
  };
  const plan = criticalPath(
    asked.tasks,
    dayOf(asked.from),
    calendar,
    asked.by === undefined ? undefined : dayOf(asked.by),
  );
  if (!plan.ok) return fail({ code: plan.error.kind, ...planRefused(plan.error) });
  const span = (s: { readonly start: number; readonly finish: number }) => ({
    start: writeDay(s.start as never),
    finish: writeDay(s.finish as never),
  });
  const last = Math.max(plan.value.end, ...plan.value.tasks.map((t) => t.latest.finish));
  const first = Math.min(...plan.value.tasks.map((t) => t.latest.start));
  if (writeDay(last as never) > "2100-12-31" || writeDay(first as never) < "2000-01-01")
    return fail({ code: "no-such-year", message: "It ends after the year 2100: give fewer days.", field: "tasks" });
  return ok({
    end: writeDay(plan.value.end),
    tasks: plan.value.tasks.map((t) => ({
      id: t.id,
      earliest: span(t.earliest),
      latest: span(t.latest),
      float: t.float,
      critical: t.critical,
    })),
    critical: plan.value.tasks.filter((t) => t.critical).map((t) => t.id),
    rule: "earliest by what comes before, latest by what follows; days of each task's own calendar, finish included",
    source: "critical path method",
  });
}
