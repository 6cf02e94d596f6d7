import type { Compound } from "../bed/compound.ts";
import { type PaintWindow, paintWindow } from "../finish/paint-window.ts";
import { frameOf, type System } from "../frame/systems.ts";
import { type HouseRules, schoolOf } from "../house/rules.ts";
import type { StockInsert, StockPane } from "../house/stock.ts";
import type { OwnFrom } from "../learn/own-from.ts";
import { houseOf, type OfPeople } from "../learn/person-rule.ts";
import type { Corner } from "../log/kinds/size.ts";
import { type Figure, type FigureError, figureOf } from "../measure/figure.ts";
import { OPENING, type Place } from "../measure/places.ts";
import { openingBy, type Readings, type ReckonedOpening } from "../measure/reckoned.ts";
import { type Slip, slipsIn } from "../measure/slips.ts";
import { type Twist, throughBoth, twistOf } from "../measure/twist.ts";
import { isRectangle, readsWhole, type Shape } from "../measure/ways.ts";
import type { WorkCalendar } from "../plan/calendar.ts";
import type { Result } from "../result.ts";
import { archOf } from "../size/arch.ts";
import { type Best, bestDeduction, type FindBest, findBest, type OddsInput } from "../size/best.ts";
import { type Cut, type CutError, type CutInput, cutSize } from "../size/cut.ts";
import type { Eased } from "../size/ease.ts";
import { nextSizeDown } from "../size/from-stock.ts";
import type { Chances } from "../size/odds-line.ts";
import type { School } from "../size/school.ts";
import type { Glass } from "../specify/glass.ts";
import type { SafetyVerdict } from "../specify/safety.ts";
import { NO_PAST, type Past } from "../steps/past.ts";
import type { Profile } from "../takeout/profile.ts";
import { exactOf } from "../tape/exact-of.ts";
import { dayOf } from "../units/day.ts";
import type { Grid } from "../units/length.ts";
import { type BedHere, bedHere } from "./bed-here.ts";
import type { PaneBook } from "./book.ts";
import { asItself, copiedWhole, fitRules, insertOf } from "./copied-size.ts";
import { easedFor } from "./eased-here.ts";
import { type StockHere, stockFor } from "./from-stock.ts";
import { glassOf } from "./glass-here.ts";
import { massHere } from "./mass-here.ts";
import { oddsFor, workedChances } from "./odds-for.ts";
import { overruleOf } from "./overruled.ts";
import { archedCorners, inItsOpening, ownShape, rakedCorners, roundOfArch, roundOfOpening } from "./own-shape.ts";
import { packedByMap } from "./packed-by-map.ts";
import { type Planned, plannedOf } from "./planned.ts";
import { type Quantities, quantitiesOf } from "./quantities.ts";
import { readersOf, readingsOf } from "./readings-of.ts";
import { isUnsafe, safetyHere } from "./safety-here.ts";
import { shapeIsStale } from "./shaped.ts";
import { gridAsRead, gridOfListed, tapeUnit } from "./size-grid.ts";
import { asStands, glassThatStands, type Moved, movedSince, type Stands, standsOf } from "./stands.ts";
import { isUnit } from "./unit.ts";

/** Everything that follows from a pane's book by computing: the same on the screen, on the order and in the tests. */
export type Reckoning = Quantities & {
  readonly house: HouseRules;
  /** House rules that are the firm's own figures, and what they were learned from. */
  readonly own: ReadonlyMap<string, OwnFrom>;
  /** Lead in this building's paint, as tested once for all its panes. */
  readonly lead: LeadTest;
  /** What the firm knows of this frame's profile. */
  readonly profile: Profile | null;
  /** How long its own people took over steps; and by whose minutes they are told, where that is somebody's own. */
  readonly past: Past;
  readonly reader: string | null;
  readonly readings: Readings;
  /** The opening is to be routed: its readings, and all that follows, are those of the plan. */
  readonly planned: Planned | null;
  /** What the sizing works with: the rebate's own readings, or what stands in for them. */
  readonly opening: ReckonedOpening;
  /** The opening as it is, of what the sizing works with; a shaped pane is sized in a true one of the same room. */
  readonly figure: Result<Figure, FigureError>;
  readonly twist: Twist;
  readonly slips: readonly Slip[];
  readonly odds: OddsInput;
  readonly best: Best | null;
  /**
   * What may go wrong with the pane as it is worked out: the best's own chances, or those of the size that was chosen instead.
   * Null where nothing can be told: no opening, or a copy of whose fit nobody said anything.
   */
  readonly chances: Chances | null;
  /** Even the best rectangle is likely to bind or to be covered too little: ease, shape, or read again. */
  readonly poor: boolean;
  /** By how much each way the pane must shrink before it goes in, mm; 0 when it does, or is cut to the opening's shape. */
  readonly tooBigBy: number;
  /** Where no true rectangle is likely to do, or this one does not go in: the pane to order, and what to ease for it. */
  readonly eased: Eased | null;
  /** Wood, that is planed or chiselled where a pane binds; plastic and metal are as they are. */
  readonly canEase: boolean;
  readonly unread: readonly Place[];
  readonly rule: { readonly school: School; readonly grid: Grid };
  /** The glass as it stands: chosen, or as it was ordered. */
  readonly glass: Glass;
  /** The glass as it is chosen now, whatever is on order. */
  readonly chosen: Glass;
  /** Which pane stands: worked out, ordered, accepted or set. Everything that is said of the pane's size is of this one. */
  readonly stands: Stands;
  /** What would be ordered by the readings and choices of now. */
  readonly worked: Result<Cut, CutError>;
  /** Where that is another size than stands on the order. */
  readonly moved: Moved | null;
  /** The insert on the firm's list that was read, where one is near enough. */
  readonly insert: StockInsert | null;
  /** What the cut was reckoned from: another school can be tried on the same. */
  readonly cutInput: CutInput;
  /** The pane as it stands, laid in its opening. */
  readonly cut: Result<Cut, CutError>;
  /** Panes of the firm's stock that would do, the fewest cuts first. */
  readonly stock: readonly StockHere[];
  /** What shape it has by eye; null where nobody said, and of what is made whole. */
  readonly shape: Shape | null;
  /** The arch that its readings make, where its head is said to be part of a circle. */
  readonly arch: ReturnType<typeof archOf> | null;
  /** Cut to the opening's own shape: as it was made, or out of square; stale when the readings have moved on since. */
  readonly shaped: {
    readonly corners: readonly Corner[];
    readonly as: "raked" | "arched" | "own";
    readonly stale: boolean;
  } | null;
  readonly massKg: number | null;
  readonly safety: SafetyVerdict | null;
  /** Safety glass is needed here and this is not it. */
  readonly unsafe: boolean;
  readonly compound: Compound;
  /** Who said that it is this compound. */
  readonly bedFrom: BedHere["from"];
  readonly paint: PaintWindow | null;
};

export type LeadTest = "none" | "found" | "not-tested";

export type ReckonWith = {
  readonly house: HouseRules;
  readonly calendar: WorkCalendar;
  /** How the best odds are found: a caller with many panes passes one that remembers. */
  readonly findBest?: FindBest | undefined;
  /** The firm's stock of panes. */
  readonly inserts?: readonly StockInsert[] | undefined;
  readonly stock?: readonly StockPane[] | undefined;
  /** Tests of paint for lead, by address. */
  readonly leadTests?: ReadonlyMap<string, "none" | "found"> | undefined;
  /** How the beads of each frame profile let go. */
  readonly profiles?: ReadonlyMap<string, Profile> | undefined;
  readonly past?: Past | undefined;
  /** Whoever reads it: their own minutes stand where they timed a step themselves. */
  readonly reader?: string | undefined;
  readonly compounds?: readonly Compound[] | undefined;
  readonly usualBeds?: ReadonlyMap<System, string> | undefined;
  /** House rules that are the firm's own figures. */
  readonly own?: ReadonlyMap<string, OwnFrom> | undefined;
  /** And those of one person's tape. */
  readonly ofPeople?: OfPeople | undefined;
};

export function reckon(book: PaneBook, by: ReckonWith): Reckoning {
  const { house } = by;
  const { readings: read, unread } = readingsOf(book);
  const planned = plannedOf(book, read, house);
  const readings = planned?.readings ?? read;
  const school = book.rule?.school ?? schoolOf(house, book.added.system);
  const chosen = glassOf(book, house);
  const insert = insertOf(book.way, readings, by.inserts ?? []);
  const packed = readings["old-packed"] ?? packedByMap(book);
  const byReadings = openingBy(
    book.way,
    { ...throughBoth(readings), ...(packed !== undefined && { "old-packed": packed }) },
    { sits: book.sits, ...fitRules(house) },
  );
  const inItself = insert ? { ...byReadings, readings: asItself(insert.size) } : byReadings;
  const shape = readsWhole(book.way) ? null : book.shape;
  const arch = shape === "arched" && inItself.copied === null ? archOf(inItself.readings) : null;
  const isCurved = shape === "odd" || shape === "arched";
  const opening = arch?.ok
    ? roundOfArch(inItself, arch.value)
    : isCurved && inItself.copied === null
      ? roundOfOpening(inItself)
      : inItself;
  const copied = insert?.size ?? copiedWhole(opening);
  const unit = tapeUnit(book);
  const usualGrid = unit === "mm" ? house.gridMm : house.gridIn;
  const gridOf = insert ? gridOfListed : gridAsRead;
  const grid = copied ? gridOf([copied.width, copied.height], unit, house) : (book.rule?.grid ?? usualGrid);
  const figure = figureOf(opening.readings);
  const corners =
    book.shaped?.corners ??
    (shape === "raked" && !copied ? rakedCorners(opening.readings, figure, house.leastGapMm) : null) ??
    archedCorners(arch, house.leastGapMm);
  const own = corners && ownShape(corners, house.leastGapMm);
  const sized = own ? own.sizedIn : { readings: opening.readings, figure };
  const byReader = houseOf(house, by.own ?? new Map(), readersOf(book), by.ofPeople ?? new Map());
  const odds = oddsFor(book, byReader.house, {
    readings,
    opening: { ...opening, readings: sized.readings },
    figure: sized.figure,
    grid,
    // What follows its sides, or a template, is cut to whatever the opening strays by.
    follows: own !== null || isCurved,
  });
  // A copy is as it is, and a shape follows its sides: there is nothing to choose.
  const best = copied || own ? null : (by.findBest ?? findBest)(odds);
  const cutFrom: CutInput = {
    ...sized,
    best: own?.deduction ?? (best ? bestDeduction(best) : undefined),
    copied: copied ?? undefined,
    sealed: isUnit(book),
    school: own ? "best-odds" : school,
    grid,
    off: book.rule?.off ? exactOf(book.rule.off) : undefined,
    offHeight: book.rule?.offHeight ? exactOf(book.rule.offHeight) : undefined,
    hold: book.rule?.hold,
    oldPane:
      readings["old-width"] !== undefined && readings["old-height"] !== undefined
        ? { width: readings["old-width"], height: readings["old-height"] }
        : undefined,
    depths: odds.depths,
    leastCover: odds.leastCover,
    overrule: own?.round ?? overruleOf(book),
  };
  // What is made whole is cut from no sheet, no unit from any, and what is not of straight sides is no rectangle.
  const noSheet = readsWhole(book.way) || isUnit(book) || own !== null || !isRectangle(shape);
  const stock = stockFor({
    stock: noSheet ? [] : (by.stock ?? []),
    cutInput: cutFrom,
    odds,
    glass: chosen,
    looks: book.looks,
    house,
  });
  const cutInput: CutInput = { ...cutFrom, stock: nextSizeDown(stock)?.glass };
  const sizedPane = (input: CutInput) => (own ? inItsOpening(cutSize(input), figure) : cutSize(input));
  const worked = sizedPane(cutInput);
  const stands = standsOf(book);
  // What was ordered has the corners that it was ordered with, whatever is read since.
  const standing = stands.line?.corners ? ownShape(stands.line.corners, house.leastGapMm) : own;
  const chances = workedChances({ worked, best, odds, school, overruled: cutFrom.overrule !== undefined, opening });
  const asRead = readsWhole(book.way) && stands.size ? { readings: asItself(stands.size), figure: undefined } : {};
  const cut = stands.size
    ? asStands(sizedPane({ ...cutInput, ...standing?.sizedIn, ...asRead, overrule: stands.size }), book)
    : worked;
  const glass = glassThatStands(stands, chosen);
  const size = cut.ok ? cut.value : null;
  const safety = size && safetyHere(book, readings, size, house);
  const { compound, from: bedFrom } = bedHere(book, glass, by);
  const slips = slipsIn({
    // What was read of a rebate before an insert was chosen contradicts nothing.
    // Nor is what has no right angles held against what has.
    readings:
      readsWhole(book.way) || !isRectangle(shape)
        ? {}
        : Object.fromEntries(OPENING.flatMap((p) => (readings[p] === undefined ? [] : [[p, readings[p]]]))),
    unit,
    tapeMm: odds.errors.tape,
    shape: book.shape ?? undefined,
    old: cutInput.oldPane,
    trusted: OPENING.filter((p) => book.stoodBy.get(p) === book.readings[p]?.text),
  });
  const poor =
    best !== null &&
    slips.length === 0 &&
    cutInput.overrule === undefined &&
    school === "best-odds" &&
    opening.copied === null &&
    best.chances.trouble > house.troubleShare;
  const { canBeEased: canEase } = frameOf(book.added.system);
  const tooBigBy = !own && cut.ok && cut.value.opening.ok ? cut.value.opening.value.tooBigBy : 0;
  return {
    house,
    own: byReader.own,
    lead: by.leadTests?.get(book.added.address) ?? "not-tested",
    profile: by.profiles?.get(book.before.profile) ?? null,
    past: by.past ?? NO_PAST,
    reader: by.reader ?? null,
    readings,
    planned,
    opening,
    figure,
    twist: twistOf(readings),
    slips,
    odds,
    best,
    chances,
    poor,
    tooBigBy,
    eased: canEase && (poor || tooBigBy > 0) ? easedFor(cut, odds, house) : null,
    canEase,
    unread,
    rule: { school, grid },
    glass,
    chosen,
    cutInput,
    stands,
    worked,
    moved: movedSince(stands.line, worked.ok ? worked.value.glass : null),
    insert: insert?.match ?? null,
    cut,
    stock,
    shape,
    arch,
    shaped: standing && {
      corners: standing.corners,
      as: shape === "raked" || shape === "arched" ? shape : "own",
      stale: book.shaped !== null && (!figure.ok || shapeIsStale(book.shaped, figure.value, house.leastGapMm)),
    },
    massKg: size && massHere(book, size, { stands, glass, shape: standing }),
    safety,
    unsafe: isUnsafe(book, stands, safety, glass),
    ...quantitiesOf({
      book,
      size,
      corners: standing?.corners ?? null,
      thickness: glass.thickness,
      depth: readings["rebate-depth"],
      rebateWidth: readings["rebate-width"],
      house,
    }),
    compound,
    bedFrom,
    paint: book.set ? paintWindow(compound, dayOf(book.set.day), by.calendar) : null,
  };
}
