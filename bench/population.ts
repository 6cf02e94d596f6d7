import type { Chance } from "../src/core/chance/seeded.ts";
import { distance, middle } from "../src/core/geometry/point.ts";
import type { Quad } from "../src/core/geometry/quad.ts";
import { HOUSE_DEFAULTS } from "../src/core/house/rules.ts";
import type { OpeningReadings } from "../src/core/measure/figure.ts";
import { OPENING, type OpeningPlace } from "../src/core/measure/places.ts";
import type { Shape } from "../src/core/measure/ways.ts";
import { errorsFor, type Material, movedOver, type SizeErrors } from "../src/core/size/errors.ts";
import { type Grid, type LengthUnit, mm, NM_PER_INCH, NM_PER_MM, type Nm, nm } from "../src/core/units/length.ts";

/** An opening as it truly is: nobody sees this but the pane. All in mm. */
export type TrueOpening = {
  readonly quad: Quad;
  /** Middle distance less the figure's own: negative bulges inward. */
  readonly bow: { readonly width: number; readonly height: number };
  readonly depth: number;
  readonly leastCover: number;
  readonly material: Material;
  readonly sealedUnit: boolean;
  readonly class: string;
  /** Where the season stands when the pane is judged, 0 to 1 of its range. */
  readonly season: number;
  readonly tape: LengthUnit;
  readonly shape: Shape;
};

/** The population: how often, and how far from true. Spreads in mm. */
export const CLASSES = [
  { name: "square", share: 0.4, taper: 0.6, lean: 1, bow: 0.3 },
  { name: "usual", share: 0.4, taper: 1.6, lean: 3.5, bow: 0.7 },
  { name: "racked", share: 0.15, taper: 3, lean: 8, bow: 1 },
  { name: "badly racked", share: 0.05, taper: 5, lean: 16, bow: 1.5 },
] as const;

export const SLIP_SHARE = 0.06;

function pick<T extends { readonly share: number }>(c: Chance, from: readonly T[]): T {
  let u = c.uniform();
  for (const item of from) {
    u -= item.share;
    if (u < 0) return item;
  }
  return from[from.length - 1] as T;
}

const between = (c: Chance, lo: number, hi: number): number => lo + c.uniform() * (hi - lo);

export function anOpening(c: Chance): TrueOpening {
  const cls = pick(c, CLASSES);
  const { material } = pick(c, [
    { share: 0.7, material: "timber" as const },
    { share: 0.2, material: "plastic" as const },
    { share: 0.1, material: "metal" as const },
  ]);
  const sealedUnit = material === "plastic";
  const w = between(c, 250, 1100);
  const h = between(c, 300, 1400);
  const [taperW, taperH] = [c.normal() * cls.taper, c.normal() * cls.taper];
  const lean = (c.normal() * cls.lean * h) / 1000;
  const skew = c.normal() * cls.taper * 0.5;
  return {
    quad: {
      bl: { x: 0, y: 0 },
      br: { x: w - taperW / 2, y: 0 },
      tr: { x: w + taperW / 2 + lean, y: h + taperH / 2 + skew },
      tl: { x: lean, y: h - taperH / 2 + skew },
    },
    bow: { width: c.normal() * cls.bow, height: c.normal() * cls.bow },
    depth: sealedUnit ? between(c, 16, 24) : material === "metal" ? between(c, 8, 12) : between(c, 6.5, 13),
    leastCover: sealedUnit ? 10 : 3,
    material,
    sealedUnit,
    class: cls.name,
    season: c.uniform(),
    tape: c.uniform() < 0.3 ? "in" : "mm",
    shape: h > w * 1.06 ? "upright" : w > h * 1.06 ? "lying" : "square",
  };
}

const truth = (o: TrueOpening): Readonly<Record<OpeningPlace, number>> => {
  const { bl, br, tr, tl } = o.quad;
  return {
    "width-top": distance(tl, tr),
    "width-middle": distance(middle(bl, tl), middle(br, tr)) + o.bow.width,
    "width-bottom": distance(bl, br),
    "height-left": distance(bl, tl),
    "height-middle": distance(middle(bl, br), middle(tl, tr)) + o.bow.height,
    "height-right": distance(br, tr),
    "diagonal-up": distance(bl, tr),
    "diagonal-down": distance(tl, br),
  };
};

export const errorsOf = (o: TrueOpening): SizeErrors =>
  errorsFor(HOUSE_DEFAULTS, { material: o.material, tape: o.tape, sealedUnit: o.sealedUnit });

export const gridOf = (o: TrueOpening): Grid => (o.tape === "mm" ? "1 mm" : "1/16 in");

/**
 * What the errors truly are, against what the model takes them for: 1 when it is right about tape, cutter and frame, more
 * when all three are worse than the firm believes; and by how many mm its tape reads short without anybody knowing.
 */
export const worse = { by: 1, tapeShort: 0 };

/** Where the tape was put: all eight places, or fewer as people do when they are in a hurry. */
export const READ_AT = {
  eight: OPENING,
  "no middles": OPENING.filter((p) => !p.endsWith("middle")),
  "no diagonals": OPENING.filter((p) => !p.startsWith("diagonal")),
  "two and two, a diagonal": ["width-top", "width-bottom", "height-left", "height-right", "diagonal-up"],
  "two and two": ["width-top", "width-bottom", "height-left", "height-right"],
  "one and one": ["width-middle", "height-middle"],
} as const satisfies Readonly<Record<string, readonly OpeningPlace[]>>;

export const read: { at: readonly OpeningPlace[] } = { at: OPENING };

/** Eight readings, or those that are taken, with the tape's error, to half a millimetre or a thirty-second of an inch. */
export function readOnce(c: Chance, o: TrueOpening): OpeningReadings {
  const step = o.tape === "mm" ? NM_PER_MM / 2 : NM_PER_INCH / 32;
  const { tape } = errorsOf(o);
  const sizes = truth(o);
  return Object.fromEntries(
    read.at.map((p) => [
      p,
      nm(Math.round(mm(sizes[p] - worse.tapeShort + c.normal() * tape * worse.by) / step) * step),
    ]),
  ) as OpeningReadings;
}

export type SlipMade = "inch" | "ten" | "digits" | "crossed" | "swapped";

/** One slip of the five in a set of readings, as people make them. */
export function slipped(
  c: Chance,
  o: TrueOpening,
  r: OpeningReadings,
): { readonly kind: SlipMade; readonly readings: OpeningReadings } {
  const kinds: readonly SlipMade[] = [
    o.tape === "in" ? "inch" : "ten",
    o.tape === "in" ? "inch" : "inch",
    "digits",
    "digits",
    "crossed",
    "swapped",
  ];
  for (;;) {
    const kind = kinds[Math.floor(c.uniform() * kinds.length)] as SlipMade;
    const place = read.at[Math.floor(c.uniform() * read.at.length)] as OpeningPlace;
    const reading = r[place] as Nm;
    const sign = c.uniform() < 0.5 ? -1 : 1;
    if (kind === "inch") return { kind, readings: { ...r, [place]: nm(reading + sign * NM_PER_INCH) } };
    if (kind === "ten") return { kind, readings: { ...r, [place]: nm(reading + sign * 10 * NM_PER_MM) } };
    if (kind === "digits") {
      const one = o.tape === "mm" ? NM_PER_MM : NM_PER_INCH;
      const digits = String(Math.floor(reading / one)).split("");
      const i = Math.floor(c.uniform() * (digits.length - 1));
      if (digits[i] === digits[i + 1] || (i === 0 && digits[1] === "0")) continue;
      [digits[i], digits[i + 1]] = [digits[i + 1] as string, digits[i] as string];
      return { kind, readings: { ...r, [place]: nm(Number(digits.join("")) * one + (reading % one)) } };
    }
    if (o.shape === "square") continue;
    if (kind === "crossed") {
      const one = (name: string): OpeningPlace => {
        const places = read.at.filter((p) => p.startsWith(name));
        return places[Math.floor(c.uniform() * places.length)] as OpeningPlace;
      };
      const [w, h] = [one("width"), one("height")];
      return { kind, readings: { ...r, [w]: r[h], [h]: r[w] } };
    }
    const across: Readonly<Partial<Record<OpeningPlace, OpeningPlace>>> = {
      "width-top": "height-left",
      "width-middle": "height-middle",
      "width-bottom": "height-right",
      "height-left": "width-top",
      "height-middle": "width-middle",
      "height-right": "width-bottom",
    };
    return {
      kind,
      readings: Object.fromEntries(read.at.map((p) => [p, r[across[p] ?? p] as Nm])) as OpeningReadings,
    };
  }
}

/** The opening at a share of its movement: 0 on the tightest day of the year, 1 on the widest. */
export function moved(o: TrueOpening, share: number = o.season): Quad {
  const { perMetre } = errorsOf(o);
  const w = o.quad.br.x;
  const h = o.quad.tl.y;
  const by = (length: number): number => {
    const { lo, hi } = movedOver(perMetre, length);
    return 1 + (worse.by * (lo + share * (hi - lo))) / length;
  };
  const at = (p: { readonly x: number; readonly y: number }) => ({ x: p.x * by(w), y: p.y * by(h) });
  return { bl: at(o.quad.bl), br: at(o.quad.br), tr: at(o.quad.tr), tl: at(o.quad.tl) };
}
