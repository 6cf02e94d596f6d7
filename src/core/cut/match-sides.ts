import type { Chance } from "../chance/seeded.ts";
import { type CutNode, type CutSheet, type CuttingCase, usable } from "./cutting.ts";

/** Pieces put side by side where their sides match to the last: no glass is lost between them. */
type Block = {
  readonly w: number;
  readonly h: number;
  readonly turns: boolean;
  /** A single piece; -1 where it is made of two. */
  readonly piece: number;
  /** 1: side by side, 2: one on the other. */
  readonly dir: 0 | 1 | 2;
  readonly a: Block | null;
  readonly b: Block | null;
  readonly aTurned: boolean;
  readonly bTurned: boolean;
};

type Join = { readonly i: number; readonly j: number; readonly made: Block; readonly weight: number };

/** So many joins of one side length are looked at, where many pieces are alike. */
const MOST_ALIKE = 12;
/** After so many rounds without fewer blocks it begins again from single pieces. */
const STUCK = 400;

/**
 * Looks for plans that lose nothing: pieces are joined where their sides match exactly, blocks with blocks, until each is a whole
 * sheet. Joins of lengths that few pieces have go first, for they have the fewest others to go to; blocks are broken again by
 * chance. Null where none is found in the time: then glass is lost somewhere, or the sides match too often.
 */
export function matchSides(c: CuttingCase, chance: Chance, more: () => boolean): readonly CutSheet[] | null {
  const rooms = c.sheets.map(usable);
  const single = c.pieces.map(
    (p, piece): Block => ({
      w: p.width,
      h: p.height,
      turns: p.turns,
      piece,
      dir: 0,
      a: null,
      b: null,
      aTurned: false,
      bTurned: false,
    }),
  );
  const fits = (w: number, h: number): boolean => rooms.some((r) => w <= r.width && h <= r.height);
  const isSheet = (b: Block): boolean =>
    rooms.some((r) => (b.w === r.width && b.h === r.height) || (b.turns && b.h === r.width && b.w === r.height));
  let blocks = [...single];
  let least = blocks.length;
  for (let since = 0; more(); since++) {
    blocks = joined(blocks, c.strip, fits, isSheet, rooms, chance);
    if (blocks.every(isSheet)) {
      const plan = asSheets(c, blocks);
      if (plan) return plan;
    }
    if (blocks.length < least) {
      least = blocks.length;
      since = 0;
    }
    blocks = since > STUCK ? [...single] : broken(blocks, chance);
    if (since > STUCK) since = 0;
  }
  return null;
}

/** Joins what matches until nothing does. */
function joined(
  from: readonly Block[],
  strip: number,
  fits: (w: number, h: number) => boolean,
  isSheet: (b: Block) => boolean,
  rooms: readonly { readonly width: number; readonly height: number }[],
  chance: Chance,
): Block[] {
  const blocks = [...from];
  for (;;) {
    const joins = joinsOf(blocks, strip, fits, isSheet, rooms);
    if (joins.length === 0) return blocks;
    let total = 0;
    for (const j of joins) total += j.weight;
    let at = chance.uniform() * total;
    let pick = joins[joins.length - 1] as Join;
    for (const j of joins) {
      at -= j.weight;
      if (at < 0) {
        pick = j;
        break;
      }
    }
    const [low, high] = pick.i < pick.j ? [pick.i, pick.j] : [pick.j, pick.i];
    blocks.splice(high, 1);
    blocks.splice(low, 1, pick.made);
  }
}

/** A side of a block: along which axis it runs as the block lies, and how long. */
type Side = { readonly block: number; readonly upright: boolean };

function joinsOf(
  blocks: readonly Block[],
  strip: number,
  fits: (w: number, h: number) => boolean,
  isSheet: (b: Block) => boolean,
  rooms: readonly { readonly width: number; readonly height: number }[],
): readonly Join[] {
  const by = new Map<number, Side[]>();
  blocks.forEach((b, block) => {
    if (isSheet(b)) return;
    const add = (length: number, upright: boolean) => {
      const list = by.get(length);
      if (list) list.push({ block, upright });
      else by.set(length, [{ block, upright }]);
    };
    add(b.h, true);
    if (b.w !== b.h) add(b.w, false);
  });
  const joins: Join[] = [];
  for (const [length, sides] of by) {
    if (sides.length < 2) continue;
    let n = 0;
    for (let x = 0; x < sides.length && n < MOST_ALIKE; x++)
      for (let y = x + 1; y < sides.length && n < MOST_ALIKE; y++) {
        const [s, t] = [sides[x] as Side, sides[y] as Side];
        if (s.block === t.block) continue;
        const made = join(blocks[s.block] as Block, s.upright, blocks[t.block] as Block, t.upright, strip);
        if (!made || !(fits(made.w, made.h) || (made.turns && fits(made.h, made.w)))) continue;
        n++;
        // A length that few have is hardly there by chance; a block as broad as a sheet is on its way to be one.
        const rare = 1 / (sides.length - 1) ** 2;
        const edge = rooms.some(
          (r) =>
            made.w === r.width || made.h === r.height || (made.turns && (made.w === r.height || made.h === r.width)),
        );
        const onSheet = rooms.some((r) => length === r.width || length === r.height);
        joins.push({ i: s.block, j: t.block, made, weight: rare * (edge ? 3 : 1) * (onSheet ? 4 : 1) });
      }
  }
  return joins;
}

/** Two blocks side by side along a length that both have; null where one of them would have to be turned, and may not be. */
function join(a: Block, aUpright: boolean, b: Block, bUpright: boolean, strip: number): Block | null {
  // The one that may not be turned says how the two lie; of two that may, the first.
  const upright = a.turns ? (b.turns ? aUpright : bUpright) : aUpright;
  const aTurned = aUpright !== upright;
  const bTurned = bUpright !== upright;
  if ((aTurned && !a.turns) || (bTurned && !b.turns)) return null;
  const [aw, ah] = aTurned ? [a.h, a.w] : [a.w, a.h];
  const [bw, bh] = bTurned ? [b.h, b.w] : [b.w, b.h];
  if (upright ? Math.min(aw, bw) < strip : Math.min(ah, bh) < strip) return null;
  return {
    w: upright ? aw + bw : aw,
    h: upright ? ah : ah + bh,
    turns: a.turns && b.turns,
    piece: -1,
    dir: upright ? 1 : 2,
    a,
    b,
    aTurned,
    bTurned,
  };
}

/** Breaks a few blocks up again, one of them down to some depth. */
function broken(blocks: readonly Block[], chance: Chance): Block[] {
  const kept: Block[] = [];
  const many = 1 + Math.floor(chance.uniform() * 3);
  const made = blocks.flatMap((b, i) => (b.dir === 0 ? [] : [i]));
  const chosen = new Set<number>();
  for (let k = 0; k < many && made.length > 0; k++)
    chosen.add(made[Math.floor(chance.uniform() * made.length)] as number);
  const apart = (b: Block): void => {
    if (b.dir === 0 || !b.a || !b.b) {
      kept.push(b);
      return;
    }
    for (const part of [b.a, b.b])
      if (chance.uniform() < 0.6) apart(part);
      else kept.push(part);
  };
  blocks.forEach((b, i) => {
    if (chosen.has(i)) apart(b);
    else kept.push(b);
  });
  return kept;
}

/** Each block as a sheet of a kind that it fills; null where there are not enough of a kind. */
function asSheets(c: CuttingCase, blocks: readonly Block[]): readonly CutSheet[] | null {
  const left = c.sheets.map((s) => s.count ?? Number.POSITIVE_INFINITY);
  const sheets: CutSheet[] = [];
  for (const b of blocks) {
    let found: { readonly sheet: number; readonly turned: boolean } | null = null;
    c.sheets.forEach((s, sheet) => {
      const r = usable(s);
      if ((left[sheet] as number) <= 0 || (found && s.cost >= (c.sheets[found.sheet] as { cost: number }).cost)) return;
      if (b.w === r.width && b.h === r.height) found = { sheet, turned: false };
      else if (b.turns && b.h === r.width && b.w === r.height) found = { sheet, turned: true };
    });
    if (!found) return null;
    const { sheet, turned } = found as { readonly sheet: number; readonly turned: boolean };
    left[sheet] = (left[sheet] as number) - 1;
    sheets.push({ sheet, root: nodeOf(b, turned) });
  }
  return sheets;
}

function nodeOf(b: Block, turned: boolean): CutNode {
  const [width, height] = turned ? [b.h, b.w] : [b.w, b.h];
  if (b.dir === 0 || !b.a || !b.b) return { kind: "piece", width, height, piece: b.piece, turned };
  const kind = (b.dir === 1) !== turned ? "across" : "up";
  const parts = [nodeOf(b.a, b.aTurned !== turned), nodeOf(b.b, b.bTurned !== turned)].flatMap((n) =>
    n.kind === kind ? n.parts : [n],
  );
  return { kind, width, height, parts };
}
