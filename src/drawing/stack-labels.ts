/**
 * Moves labels apart so that none touch: as near to where each wants to be as their order and the ends allow.
 * Positions are middles, in the drawing's own unit, increasing downwards; answers stand in the order asked.
 * @example stackLabels([10, 12], 14, { from: 0, to: 100 }) // [7, 21]: half a label from the end
 */
export function stackLabels(
  wanted: readonly number[],
  apart: number,
  within: { readonly from: number; readonly to: number },
): readonly number[] {
  const order = wanted.map((at, i) => ({ at, i })).sort((a, b) => a.at - b.at || a.i - b.i);
  let groups: { readonly members: readonly number[]; readonly wants: number; readonly middle: number }[] = [];
  for (const { at, i } of order) {
    let group = { members: [i], wants: at, middle: clamp(at, 1, apart, within) };
    for (let last = groups.at(-1); last && overlaps(last, group, apart); last = groups.at(-1)) {
      groups = groups.slice(0, -1);
      const members = [...last.members, ...group.members];
      const wants = (last.wants * last.members.length + group.wants * group.members.length) / members.length;
      group = { members, wants, middle: clamp(wants, members.length, apart, within) };
    }
    groups.push(group);
  }
  const out = new Array<number>(wanted.length).fill(0);
  for (const g of groups)
    g.members.forEach((i, k) => {
      out[i] = g.middle + (k - (g.members.length - 1) / 2) * apart;
    });
  return out;
}

type Group = { readonly members: readonly number[]; readonly middle: number };

const overlaps = (a: Group, b: Group, apart: number): boolean =>
  b.middle - a.middle < ((a.members.length + b.members.length) / 2) * apart - 1e-9;

function clamp(middle: number, count: number, apart: number, within: { from: number; to: number }): number {
  const half = (count * apart) / 2;
  return Math.max(within.from + half, Math.min(within.to - half, middle));
}
