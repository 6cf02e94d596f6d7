/** What the glass itself says, as far as its marks can be read; null where they do not say. */
export type MarksRead = {
  readonly stamp: "toughened" | "laminated" | null;
  readonly sealed: boolean | null;
  /** Year it was made; null where no date is read. */
  readonly year: number | null;
  /** The face that the label names. */
  readonly face: "inside" | "outside" | null;
};

/** Standards that a stamp names, with what glass they are for. Source: EN 12150 and 14179 toughened, EN 14449 laminated, EN 1279 units. */
const STAMPS: readonly { readonly says: RegExp; readonly is: Partial<MarksRead> }[] = [
  { says: /toughened|tempered|\b12150\b|\b14179\b/i, is: { stamp: "toughened" } },
  { says: /laminated|\b14449\b|\bp[1-5]a\b/i, is: { stamp: "laminated" } },
  { says: /\b1279\b|insulating|double glazed/i, is: { sealed: true } },
  {
    says: /\b(this side|face)\b.{0,12}\b(room|inside|indoors|interior)\b|\b(room|inside) face\b/i,
    is: { face: "inside" },
  },
  { says: /\b(this side|face)\b.{0,12}\b(outside|outdoors|exterior)\b|\boutside face\b/i, is: { face: "outside" } },
];

/**
 * Reads stamp and date as typed. A year of two digits is of this century unless that lies ahead.
 * @example "EN 12150", "03/09", read in 2026 // toughened, made 2009
 */
export function readMarks(marks: string, date: string, thisYear: number): MarksRead {
  const none: MarksRead = { stamp: null, sealed: null, year: yearIn(date, thisYear), face: null };
  return Object.assign(none, ...STAMPS.filter((s) => s.says.test(marks)).map((s) => s.is)) as MarksRead;
}

/** The year in a stamped date: 2009, 03/09, 12-98, W14 09, Mar 2011. */
function yearIn(date: string, thisYear: number): number | null {
  const whole = /\b(19[5-9]\d|20\d\d)\b/.exec(date);
  if (whole?.[1]) return Number(whole[1]) <= thisYear ? Number(whole[1]) : null;
  const short = /(?:^|[^\d])(\d{2})\s*$/.exec(date.trim());
  if (!short?.[1]) return null;
  const [of] = [Number(short[1])];
  const century = Math.floor(thisYear / 100) * 100;
  const year = century + of <= thisYear ? century + of : century - 100 + of;
  return year >= 1950 ? year : null;
}
