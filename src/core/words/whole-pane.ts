import { heldBy, type OtherPane } from "../pane/before-order.ts";
import { type PaneBook, stepKey } from "../pane/book.ts";
import { isConversion, unitsForSash } from "../pane/conversion.ts";
import { hingeOf } from "../pane/hangs.ts";
import { nextFor } from "../pane/next.ts";
import { orderHeld, orderHolds } from "../pane/order-held.ts";
import { materialsOf } from "../pane/pane-materials.ts";
import { sureOf } from "../pane/readings-sure.ts";
import type { Reckoning } from "../pane/reckoning.ts";
import { settingOf } from "../pane/setting.ts";
import { standings } from "../pane/standing.ts";
import { stepHeld } from "../pane/step-held.ts";
import { stepsOnce } from "../pane/steps-at.ts";
import { waitsOf } from "../pane/waits.ts";
import { STATIONS } from "../plan/stations.ts";
import { writeLength } from "../tape/write.ts";
import type { Template } from "../text/template.ts";
import { type Day, writeDay } from "../units/day.ts";
import { type LengthUnit, type Nm, nm, toMm } from "../units/length.ts";
import { declinedText } from "./declined.ts";
import { type Dialect, say } from "./dialect.ts";
import { inUnit } from "./in-unit.ts";
import { slipWords, stackText } from "./opening.ts";
import { cutErrorSentence, figureErrorSentence } from "./size.ts";
import { nextWords, standingWords } from "./standing.ts";
import { tapeErrorSentence } from "./tape-error.ts";
import { glassKnown, sinceOrderedText, ticketOf } from "./ticket.ts";

export type WholeBy = {
  readonly today: Day;
  /** The hour, for what is still drying. */
  readonly nowMs: number;
  readonly unit: LengthUnit;
  readonly dialect: Dialect;
  readonly others?: readonly OtherPane[];
};

const day = (d: Day): string => writeDay(d);

/** What the sizing of a pane comes to: its opening, the pane that stands, its chances, and what holds it. */
export function sizedPane(book: PaneBook, r: Reckoning, by: Pick<WholeBy, "unit" | "dialect">) {
  const { unit, dialect } = by;
  const length = (l: Nm) => ({ nm: l, mm: toMm(l), text: writeLength(l, unit) });
  const size = (s: { readonly width: Nm; readonly height: Nm }) => ({
    width: length(s.width),
    height: length(s.height),
  });
  const figure = r.figure;
  const cut = r.cut.ok ? r.cut.value : null;
  const lying = cut?.opening.ok ? cut.opening.value : null;
  const declined = r.poor && !r.stands.line;
  return {
    opening: {
      way: book.way,
      readings: Object.fromEntries(Object.entries(r.opening.readings).map(([place, l]) => [place, length(l as Nm)])),
      plannedDeeperMm: r.planned ? toMm(r.planned.by) : null,
      plannedWiderMm: r.planned?.wider ? toMm(r.planned.wider) : null,
      takes: isConversion(book)
        ? unitsForSash(book, r.house).map(({ stack, rout }) => ({
            unit: stackText(stack),
            overallMm: toMm(stack.overall),
            routWiderMm: rout && toMm(rout.width.by),
            upstandLeftMm: rout && toMm(rout.upstandLeft),
            holds: rout?.holds ?? null,
          }))
        : null,
      guessedDoubtMm: r.opening.guessed?.doubt ?? null,
      copied: r.opening.copied && {
        of: r.opening.copied.of,
        playMm: r.opening.copied.play === null ? null : toMm(r.opening.copied.play),
        fit: r.opening.copied.fit,
      },
      corners: figure.ok ? figure.value.quad : null,
      leanMm: figure.ok ? figure.value.lean : null,
      outOfSquareMm: figure.ok ? figure.value.outOfSquare : null,
      bowMm: figure.ok ? figure.value.bow : null,
      assumptions: figure.ok ? [...figure.value.assumptions] : [],
      says: figure.ok ? null : say(figureErrorSentence(figure.error), dialect),
    },
    slips: r.slips.map((s) => ({
      place: s.place,
      with: s.with ?? null,
      kind: s.kind,
      meantMm: toMm(s.meant),
      says: say(slipWords(s, unit), dialect),
    })),
    stands: r.stands.as,
    grid: r.stands.line?.grid ?? r.rule.grid,
    school: r.rule.school,
    size: cut && !declined ? size(cut.glass) : null,
    sizeSays: cut ? null : r.cut.ok ? null : say(cutErrorSentence(r.cut.error), dialect),
    workedOut: r.worked.ok ? size(r.worked.value.glass) : null,
    deduction: r.worked.ok
      ? {
          width: length(r.worked.value.deduction.width),
          height: length(r.worked.value.deduction.height),
          source: r.worked.value.deduction.source,
        }
      : null,
    moved: r.moved
      ? {
          byMm: { width: r.moved.by.width / 1e6, height: r.moved.by.height / 1e6 },
          says: say(sinceOrderedText(r, unit), dialect),
        }
      : null,
    gapsMm: lying?.gaps ?? null,
    coverMm: lying?.cover ?? null,
    spareMm: lying?.spare ?? null,
    turnDegrees: lying ? (lying.placed.turn * 180) / Math.PI : null,
    fits: lying ? lying.tooBigBy === 0 : null,
    leastCoverMm: {
      needed: toMm(r.odds.leastCover),
      side: lying?.leastCover?.side ?? null,
      is: lying?.leastCover?.length ?? null,
    },
    trouble: r.chances && {
      binds: r.chances.binds,
      coverLost: r.chances.coverLost,
      either: r.chances.trouble,
      when: r.odds.errors.when,
    },
    declined,
    why: declined ? say(declinedText(r, unit), dialect) : null,
    eased: r.eased && { size: size(r.eased.glass), easings: r.eased.easings.map((e) => ({ ...e })) },
  };
}

/** Everything that a pane's page knows of it, as data, with its sentences in the reader's unit and words. */
export function wholePane(book: PaneBook, r: Reckoning, by: WholeBy) {
  const steps = stepsOnce(book, r);
  const { unit, dialect, today } = by;
  const s = (text: Template): string => inUnit(say(text, dialect), unit);
  const next = nextFor(book, r, today);
  const setting = settingOf(book, r);
  const all = standings(book, r);
  const ticket = ticketOf(book, r, { unit, dialect });
  return {
    id: book.id,
    where: { ...book.added },
    readings: Object.entries(book.readings).flatMap(([place, read]) =>
      read
        ? [
            {
              place,
              text: read.text,
              unit: read.unit,
              who: read.who,
              state: read.sure,
              nm: read.read.ok ? read.read.value.adjusted : null,
              says: read.read.ok ? null : tapeErrorSentence(read.read.error),
            },
          ]
        : [],
    ),
    state: sureOf(book),
    ...sizedPane(book, r, by),
    glass: {
      says: glassKnown(book, r, { dialect, unit }),
      kind: r.glass.kind,
      thicknessMm: toMm(r.glass.thickness),
      makeup: r.stands.line ? (r.stands.line.makeup ?? null) : book.makeup,
      chosen: book.glass !== null || book.makeup !== null || book.panel !== null,
    },
    insert: r.insert,
    massKg: r.massKg,
    safety: r.safety,
    unsafe: r.unsafe,
    hinge: hingeOf(book),
    order: book.line && {
      id: book.line.order.id,
      supplier: book.line.order.supplier,
      reference: book.line.order.reference,
      state: book.line.line.state,
      sent: book.line.order.sent?.day ?? null,
      due: book.line.line.due,
      arrived: book.line.order.arrived,
      pane: {
        widthNm: book.line.line.widthNm,
        heightNm: book.line.line.heightNm,
        thicknessNm: book.line.line.thicknessNm,
        grid: book.line.line.grid,
      },
    },
    holds: {
      by: orderHeld(book, r, by.others),
      all: orderHolds(book, r, by.others),
      reasons: heldBy(book, r, by.others).map((c) => ({ id: c.id, at: c.at, says: s(c.says) })),
    },
    stations: STATIONS.map((station) => ({
      station,
      state: all[station].state,
      says: s(standingWords(all[station].says, r.glass, { dialect, unit })),
      steps: steps(station).map((step) => {
        const mark = book.steps.get(stepKey(station, step.id));
        const held = mark ? null : stepHeld(step, station, book, r, { ...by, steps });
        return {
          id: step.id,
          does: s(step.does),
          why: s(step.why),
          minutes: step.minutes,
          people: step.people ?? 1,
          state: mark?.state ?? "open",
          reason: mark?.reason ?? "",
          held: held === null ? null : s(held),
        };
      }),
    })),
    packers: setting && {
      opens: setting.opens,
      places: setting.spots.map((p) => ({ ...p })),
      gapMm: r.packers ? toMm(r.packers.gap) : null,
      stackMm: r.packers?.stack ? r.packers.stack.pieces.map((p) => toMm(nm(p))) : null,
    },
    quantities: {
      materials: materialsOf(book, r),
      putty: r.putty?.ok ? r.putty.value : null,
      sealant: setting?.sealant ?? null,
      sprigs: r.sprigs && {
        count: r.sprigs.count,
        leftMm: r.sprigs.sides.left.map(toMm),
        rightMm: r.sprigs.sides.right.map(toMm),
        bottomMm: r.sprigs.sides.bottom.map(toMm),
        topMm: r.sprigs.sides.top.map(toMm),
      },
    },
    compound: { id: r.compound.id, name: s(r.compound.name), used: book.set !== null },
    paint:
      r.paint?.kind === "window"
        ? {
            opens: day(r.paint.opens),
            from: r.paint.from === null ? null : day(r.paint.from),
            closes: r.paint.closes === null ? null : day(r.paint.closes),
          }
        : null,
    waits: waitsOf(book, r, today).map((w) => ({ kind: w.kind, from: day(w.from), to: day(w.to) })),
    next: {
      station: next.station,
      kind: next.kind,
      day: next.day === undefined ? null : day(next.day),
      says: s(nextWords(next, dialect)),
    },
    ticket: { says: ticket.spoken, trouble: ticket.trouble },
  };
}
