import type { Mm } from "../units/length.ts";
import { addFor, type Packed, restsAt, type Sash } from "./toe-heel.ts";

/** Packers across the diagonal as they stand in the simulator, mm. */
export type Packers = {
  readonly foot: number;
  readonly head: number;
  readonly hingeSide: number;
  readonly handleSide: number;
};

export type SimulatorFacts = {
  readonly sash: Sash;
  readonly pane: Sash;
  readonly dxMm: Mm;
  readonly dyMm: Mm;
  /** Drop that comes from elsewhere: worn hinges, joints that gave; added to what the packing leaves. */
  readonly slackMm?: Mm;
};

/** Drop at the handle as it is packed: less than 0 binds. */
export function dropAs(f: SimulatorFacts, p: Packers): number {
  const packed: Packed = {
    pane: f.pane,
    uprightMm: p.foot + p.head,
    sidewaysMm: p.hingeSide + p.handleSide,
    dxMm: f.dxMm,
    dyMm: f.dyMm,
  };
  return restsAt(f.sash, packed) + (f.slackMm ?? 0);
}

/**
 * The same, or with the packers on the other diagonal: by the same equation, each of them hangs the handle lower by as much
 * as it would have lifted it.
 * @example 600 wide, packers 500 apart: 5 more at the head lift it 6, and on the other diagonal lower it 6
 */
export const dropWith = (f: SimulatorFacts, p: Packers, wrongDiagonal: boolean): number =>
  wrongDiagonal
    ? dropAs(f, { foot: -p.foot, head: -p.head, hingeSide: -p.hingeSide, handleSide: -p.handleSide })
    : dropAs(f, p);

/** Square within this at the handle, mm: less than a key feels. */
export const SQUARE_WITHIN_MM = 0.5;

export type Advice = {
  /** Thickness to add at one place, from what is in the box, and the drop that is then left. */
  readonly place: keyof Packers;
  readonly addMm: Mm;
  readonly leavesMm: Mm;
};

/**
 * The least set of packers that brings the sash square: one more at the handle's head, or else at the handle's side, of a
 * thickness from the box; whichever leaves less. Null where it stands square already, or nothing in the box helps.
 * @example dropped 6 at 600 wide, 500 apart // 5 more at the head
 */
export function squareBy(f: SimulatorFacts, p: Packers, box: readonly number[]): Advice | null {
  const drop = dropAs(f, p);
  if (Math.abs(drop) <= SQUARE_WITHIN_MM) return null;
  const need = addFor(f.sash, drop, f);
  const tries = (["head", "handleSide"] as const).flatMap((place) => {
    const wanted = place === "head" ? need.uprightMm : need.sidewaysMm;
    return sums(box).map((addMm): Advice & { readonly count: number } => {
      const sign = wanted < 0 ? -1 : 1;
      const by = sign * addMm.mm;
      const changed = { ...p, [place]: Math.max(0, p[place] + by) };
      return { place, addMm: changed[place] - p[place], leavesMm: dropAs(f, changed), count: addMm.count };
    });
  });
  const fine = tries.filter((t) => Math.abs(t.leavesMm) <= SQUARE_WITHIN_MM && t.addMm !== 0);
  const [best] = (fine.length > 0 ? fine : tries.filter((t) => Math.abs(t.leavesMm) < Math.abs(drop))).sort((a, b) =>
    fine.length > 0
      ? a.count - b.count || Math.abs(a.leavesMm) - Math.abs(b.leavesMm)
      : Math.abs(a.leavesMm) - Math.abs(b.leavesMm),
  );
  return best ? { place: best.place, addMm: best.addMm, leavesMm: best.leavesMm } : null;
}

/** One packer from the box, or two on top of each other. */
function sums(box: readonly number[]): readonly { readonly mm: Mm; readonly count: number }[] {
  return [
    ...box.map((mm) => ({ mm, count: 1 })),
    ...box.flatMap((a, i) => box.slice(i).map((b) => ({ mm: a + b, count: 2 }))),
  ];
}
