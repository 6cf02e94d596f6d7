import type { CutNode } from "./cutting.ts";

/** A part of a sheet while it is being planned: a leaf that is left over or a piece, or parts side by side. */
export type Part = {
  w: number;
  h: number;
  /** 0 a leaf, 1 across, 2 up. */
  dir: 0 | 1 | 2;
  parts: Part[];
  /** The piece that a leaf is; -1 left over. */
  piece: number;
  turned: boolean;
  /** What it is a part of; null of the sheet itself. */
  over: Part | null;
};

/** A sheet that is being cut up. Changed only by whoever made this copy of it. */
export type Bench = {
  readonly sheet: number;
  readonly root: Part;
  /** Area of the pieces on it. */
  filled: number;
  /** Its left-overs, found when first asked for; null after a change. */
  lefts: Part[] | null;
  /** The largest of them, by area. */
  most: number;
  /** How far apart they lie: 0 where all of the sheet is one, 1 where nothing is left. */
  apart: number;
};

const NONE: Part[] = [];
const leaf = (w: number, h: number, piece = -1, turned = false): Part => ({
  w,
  h,
  dir: 0,
  parts: NONE,
  piece,
  turned,
  over: null,
});

export const freshBench = (sheet: number, w: number, h: number): Bench => ({
  sheet,
  root: leaf(w, h),
  filled: 0,
  lefts: null,
  most: 0,
  apart: 0,
});

export const copyBench = (b: Bench): Bench => ({
  sheet: b.sheet,
  root: copyPart(b.root, null),
  filled: b.filled,
  lefts: null,
  most: 0,
  apart: 0,
});

function copyPart(p: Part, over: Part | null): Part {
  const copy: Part = { w: p.w, h: p.h, dir: p.dir, parts: NONE, piece: p.piece, turned: p.turned, over };
  if (p.dir !== 0) {
    const parts = new Array<Part>(p.parts.length);
    for (let i = 0; i < parts.length; i++) parts[i] = copyPart(p.parts[i] as Part, copy);
    copy.parts = parts;
  }
  return copy;
}

/** What is left over of a sheet, leaf by leaf. */
export function leftsOf(b: Bench): readonly Part[] {
  if (b.lefts) return b.lefts;
  const found: Part[] = [];
  gather(b.root, found);
  b.lefts = found;
  const all = b.root.w * b.root.h;
  let most = 0;
  let together = 0;
  for (const l of found) {
    const area = l.w * l.h;
    if (area > most) most = area;
    together += (area / all) * (area / all);
  }
  b.most = most;
  b.apart = 1 - together;
  return found;
}
function gather(p: Part, into: Part[]): void {
  if (p.dir === 0) {
    if (p.piece < 0) into.push(p);
  } else for (const q of p.parts) gather(q, into);
}

export function piecesIn(p: Part, into: number[] = []): number[] {
  if (p.dir === 0) {
    if (p.piece >= 0) into.push(p.piece);
  } else for (const q of p.parts) piecesIn(q, into);
  return into;
}

/**
 * Puts a piece of this size into the corner of what is left over. `first` says which cut comes first where two are needed.
 * The caller has seen that it fits and that every strip can be broken out.
 */
export function putIn(b: Bench, at: Part, w: number, h: number, piece: number, turned: boolean, first: 1 | 2): void {
  const dx = at.w - w;
  const dy = at.h - h;
  b.filled += w * h;
  b.lefts = null;
  if (dx === 0 && dy === 0) {
    at.piece = piece;
    at.turned = turned;
    return;
  }
  const own = leaf(w, h, piece, turned);
  if (dy === 0) split(at, 1, own, leaf(dx, at.h));
  else if (dx === 0) split(at, 2, own, leaf(at.w, dy));
  else if (first === 1) {
    const strip = leaf(w, at.h);
    within(strip, 2, own, leaf(w, dy));
    split(at, 1, strip, leaf(dx, at.h));
  } else {
    const strip = leaf(at.w, h);
    within(strip, 1, own, leaf(dx, h));
    split(at, 2, strip, leaf(at.w, dy));
  }
}

/** Makes two parts of a leaf: beside its neighbours where they are cut the same way, else within it. */
function split(at: Part, dir: 1 | 2, one: Part, two: Part): void {
  const { over } = at;
  if (over && over.dir === dir) {
    one.over = over;
    two.over = over;
    over.parts.splice(over.parts.indexOf(at), 1, one, two);
  } else within(at, dir, one, two);
}

function within(at: Part, dir: 1 | 2, one: Part, two: Part): void {
  one.over = at;
  two.over = at;
  at.dir = dir;
  at.parts = [one, two];
  at.piece = -1;
}

/** Takes a part off a sheet, with all that is in it; what is left beside it grows together. Answers with the pieces that came off. */
export function takeOff(b: Bench, at: Part, area: Float64Array): readonly number[] {
  const off = piecesIn(at);
  for (const p of off) b.filled -= area[p] as number;
  // Sums of areas that are gone leave no crumb behind.
  if (b.filled < 1) b.filled = 0;
  b.lefts = null;
  at.dir = 0;
  at.parts = NONE;
  at.piece = -1;
  for (let { over } = at; over && growTogether(over); over = over.over);
  return off;
}

/** Left-overs side by side are one; a part of which nothing else is there is one itself. Whether it became so. */
function growTogether(over: Part): boolean {
  let along = 0;
  let lefts = 0;
  for (const q of over.parts)
    if (q.dir === 0 && q.piece < 0) {
      lefts++;
      along += over.dir === 1 ? q.w : q.h;
    }
  if (lefts === over.parts.length) {
    over.dir = 0;
    over.parts = NONE;
    over.piece = -1;
    return true;
  }
  if (lefts > 1) {
    const rest = over.parts.filter((q) => q.dir !== 0 || q.piece >= 0);
    const one = over.dir === 1 ? leaf(along, over.h) : leaf(over.w, along);
    one.over = over;
    rest.push(one);
    over.parts = rest;
  }
  return false;
}

/** Every part of a sheet on which there is anything, the sheet itself left out. */
export function partsOf(p: Part, into: Part[] = []): Part[] {
  for (const q of p.parts) {
    if (q.dir !== 0) {
      into.push(q);
      partsOf(q, into);
    } else if (q.piece >= 0) into.push(q);
  }
  return into;
}

export function asCutNode(p: Part): CutNode {
  if (p.dir === 0)
    return p.piece < 0
      ? { kind: "left", width: p.w, height: p.h }
      : { kind: "piece", width: p.w, height: p.h, piece: p.piece, turned: p.turned };
  return { kind: p.dir === 1 ? "across" : "up", width: p.w, height: p.h, parts: p.parts.map(asCutNode) };
}

/** A sheet as it was cut up elsewhere. */
export function benchOf(sheet: number, node: CutNode): Bench {
  const root = partOf(node, null);
  return { ...freshBench(sheet, node.width, node.height), root, filled: filledOf(root) };
}

function partOf(node: CutNode, over: Part | null): Part {
  const part = leaf(node.width, node.height);
  part.over = over;
  if (node.kind === "piece") {
    part.piece = node.piece;
    part.turned = node.turned;
  } else if (node.kind !== "left") {
    part.dir = node.kind === "across" ? 1 : 2;
    part.parts = node.parts.map((q) => partOf(q, part));
  }
  return part;
}

const filledOf = (p: Part): number =>
  p.dir === 0 ? (p.piece < 0 ? 0 : p.w * p.h) : p.parts.reduce((sum, q) => sum + filledOf(q), 0);
