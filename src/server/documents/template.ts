import { DxfWriter, point3d, Units } from "@tarikjabiri/dxf";
import { nm, toMm } from "../../core/units/length.ts";

type Corner = { readonly x: number; readonly y: number };

const mm = (corners: readonly Corner[]): readonly Corner[] =>
  corners.map((c) => ({ x: toMm(nm(c.x)), y: toMm(nm(c.y)) }));

/** A shaped pane as DXF: millimetres, one closed line on its own layer, seen from the side it goes in. */
export function templateDxf(corners: readonly Corner[]): string {
  const dxf = new DxfWriter();
  dxf.setUnits(Units.Millimeters);
  dxf.addLayer("GLASS", 7, "Continuous");
  dxf.setCurrentLayerName("GLASS");
  dxf.addLWPolyline(
    mm(corners).map(({ x, y }) => ({ point: point3d(x, y) })),
    { flags: 1 },
  );
  return dxf.stringify();
}

/** The same as SVG at full size, y up turned down as screens have it. */
export function templateSvg(corners: readonly Corner[], label: string): string {
  const points = mm(corners);
  const [w, h] = [Math.max(...points.map((p) => p.x)), Math.max(...points.map((p) => p.y))];
  const d = `M${points.map((p) => `${p.x} ${Math.round((h - p.y) * 1000) / 1000}`).join("L")}Z`;
  const said = label.replace(/[<>&"]/g, (c) => `&#${c.charCodeAt(0)};`);
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${w}mm" height="${h}mm" viewBox="0 0 ${w} ${h}"><title>${said}</title><path d="${d}" fill="none" stroke="#000" stroke-width="0.5"/></svg>\n`;
}
