import { type Nm, nm, toMm } from "../units/length.ts";
import { OPENING, type OpeningPlace } from "./places.ts";
import type { Readings } from "./reckoned.ts";

/** What two faces of one opening disagree by, mm: a frame that is twisted, or bevelled. */
export type Twist = {
  /** Other face less this one, at each place read on both. */
  readonly differences: Readonly<Partial<Record<OpeningPlace, number>>>;
  readonly worst: { readonly place: OpeningPlace; readonly by: number } | null;
  /** The face with the smaller reading at each place: the pane must pass both. */
  readonly read: number;
};

export function twistOf(r: Readings): Twist {
  const differences: Partial<Record<OpeningPlace, number>> = {};
  for (const place of OPENING) {
    const [front, back] = [r[place], r[`back-${place}`]];
    if (front !== undefined && back !== undefined) differences[place] = toMm(back) - toMm(front);
  }
  const places = OPENING.filter((p) => differences[p] !== undefined);
  const worst = places.reduce<OpeningPlace | null>(
    (far, p) => (far === null || Math.abs(differences[p] ?? 0) > Math.abs(differences[far] ?? 0) ? p : far),
    null,
  );
  return {
    differences,
    worst: worst === null ? null : { place: worst, by: differences[worst] ?? 0 },
    read: places.length,
  };
}

/** The opening that a pane must pass at both faces: the smaller reading of each width and height; corners of the first face. */
export function throughBoth(r: Readings): Readings {
  const out: Partial<Record<OpeningPlace, Nm>> = {};
  for (const place of OPENING) {
    const front = r[place];
    const both = front !== undefined && place.startsWith("diagonal") ? [front] : [front, r[`back-${place}`]];
    const read = both.filter((length) => length !== undefined);
    if (read.length > 0) out[place] = nm(Math.min(...read));
  }
  return { ...r, ...out };
}
