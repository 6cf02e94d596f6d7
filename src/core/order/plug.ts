import type { Mm } from "../units/length.ts";
/** One piece to cut from a board, mm, along x and y of the opening. */
export type Piece = { readonly widthMm: Mm; readonly heightMm: Mm };

export type Plug = {
  readonly pieces: readonly Piece[];
  /** Boards it takes, cut edge to edge, the kerf left out. */
  readonly boards: number;
  /** Tape for the joints between pieces and all round, mm, both faces. */
  readonly tapeMm: Mm;
};

/**
 * A plug of stock board for an open hole: the opening less a push fit all round, in as few pieces as its boards allow,
 * split evenly so that no strip is left over. Boards may be turned.
 * @example hole 700 × 900, board 1200 × 600, 2 mm off each way // 349 and 349 wide, 898 high
 */
export function plugFor(hole: {
  readonly widthMm: Mm;
  readonly heightMm: Mm;
  readonly board: { readonly longMm: Mm; readonly shortMm: Mm };
  /** Off each way, both sides together. */
  readonly offMm: Mm;
}): Plug {
  const [w, h] = [hole.widthMm - hole.offMm, hole.heightMm - hole.offMm];
  const { longMm, shortMm } = hole.board;
  // Pieces upright or level: whichever takes fewer, upright first.
  const split = (across: number, along: number) => ({
    across: Math.ceil(across / shortMm),
    along: Math.ceil(along / longMm),
  });
  const [upright, level] = [split(w, h), split(h, w)];
  const isUpright = upright.across * upright.along <= level.across * level.along;
  const [cols, rows] = isUpright ? [upright.across, upright.along] : [level.along, level.across];
  const piece: Piece = { widthMm: round(w / cols), heightMm: round(h / rows) };
  const pieces = Array.from({ length: cols * rows }, () => piece);
  const [acrossBoard, alongBoard] = isUpright ? [piece.widthMm, piece.heightMm] : [piece.heightMm, piece.widthMm];
  const perBoard = Math.max(1, Math.floor(shortMm / acrossBoard)) * Math.max(1, Math.floor(longMm / alongBoard));
  return {
    pieces,
    boards: Math.ceil(pieces.length / perBoard),
    tapeMm: round(2 * (2 * (w + h) + (cols - 1) * h + (rows - 1) * w)),
  };
}

const round = (mm: Mm): number => Math.floor(mm * 10 + 1e-9) / 10;

/** What a hole is closed with, by how hard it is to get through. */
export type Closure = "glass" | "board-screwed" | "insulation" | "sheet" | "open";

export type NightFacts = {
  readonly closure: Closure;
  readonly storey: number | null;
  readonly mustLock: boolean;
  /** Another door or shutter stands beyond it. */
  readonly outerDoor: boolean;
  readonly wetTomorrow: boolean;
  readonly told: boolean;
};

/** Whether it may stand overnight, and what speaks against it. */
export function nightOf(f: NightFacts): {
  readonly says: "stands" | "watch" | "not-safe";
  readonly because: readonly string[];
} {
  const within = (f.storey ?? 0) <= 0 && !f.outerDoor;
  const weak = f.closure === "sheet" || f.closure === "insulation";
  const because = [
    f.closure === "open" ? "Nothing closes it." : "",
    within && weak ? "Anyone can push it in from the ground: screw a board over it." : "",
    within && f.mustLock && f.closure !== "glass" && f.closure !== "board-screwed"
      ? "It must lock at night, and this does not."
      : "",
    f.wetTomorrow && f.closure === "sheet" ? "Rain is forecast: a sheet lets it in at the foot." : "",
    f.told ? "" : "Nobody was told: say until when, and that it must not be leant on.",
  ].filter(Boolean);
  const unsafe =
    f.closure === "open" ||
    (within && (weak || (f.mustLock && f.closure !== "glass" && f.closure !== "board-screwed")));
  return { says: unsafe ? "not-safe" : because.length > 0 ? "watch" : "stands", because };
}

/** What was written of a closing, as one of those. @example "9 mm board, screwed" // board-screwed */
export function closureOf(how: string): Closure {
  if (/glass/i.test(how)) return "glass";
  if (/board|ply|screw|timber/i.test(how)) return "board-screwed";
  if (/insul|foam/i.test(how)) return "insulation";
  return "sheet";
}
