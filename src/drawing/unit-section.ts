import { makeText } from "../core/units/inch-make.ts";

/** A unit in section, to scale through its thickness: outside at the left, faces numbered from there. */
export type UnitSection = {
  readonly panes: readonly string[];
  readonly spacers: readonly string[];
  readonly faces: readonly { readonly n: number; readonly x: number; readonly coated: boolean }[];
  readonly labels: readonly { readonly x: number; readonly text: string }[];
  readonly bottom: number;
};

export function unitSection(unit: {
  readonly panesMm: readonly number[];
  readonly cavitiesMm: readonly number[];
  readonly coated: readonly number[];
  readonly box: { readonly width: number; readonly height: number };
}): UnitSection {
  const overall = unit.panesMm.reduce((s, p) => s + p, 0) + unit.cavitiesMm.reduce((s, c) => s + c, 0);
  const scale = Math.min(5, (unit.box.width - 40) / Math.max(overall, 1));
  const top = 26;
  const bottom = unit.box.height - 24;
  let x = (unit.box.width - overall * scale) / 2;
  const panes: string[] = [];
  const spacers: string[] = [];
  const faces: { n: number; x: number; coated: boolean }[] = [];
  const labels: { x: number; text: string }[] = [];
  unit.panesMm.forEach((p, i) => {
    const w = p * scale;
    panes.push(`M${x} ${top}h${w}v${bottom - top}h${-w}z`);
    faces.push({ n: 2 * i + 1, x, coated: unit.coated.includes(2 * i + 1) });
    faces.push({ n: 2 * i + 2, x: x + w, coated: unit.coated.includes(2 * i + 2) });
    labels.push({ x: x + w / 2, text: makeText(p) });
    x += w;
    const cavity = unit.cavitiesMm[i];
    if (cavity !== undefined) {
      const c = cavity * scale;
      spacers.push(`M${x} ${bottom - 16}h${c}v16h${-c}z`);
      labels.push({ x: x + c / 2, text: makeText(cavity) });
      x += c;
    }
  });
  return { panes, spacers, faces, labels, bottom };
}
