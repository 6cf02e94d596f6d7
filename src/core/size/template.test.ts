import { describe, expect, it } from "vitest";
import { shapedPane, templateSvg } from "./shaped.ts";

describe("a template at full size", () => {
  it("stands 10 mm from each edge of its sheet, y down, each corner with its figures", () => {
    const svg = templateSvg(
      [
        { x: 0, y: 0 },
        { x: 100, y: 0 },
        { x: 100, y: 50 },
        { x: 5, y: 50 },
      ],
      'No. 5 <left> & "right"',
    );
    expect(svg).toContain('width="120mm" height="70mm" viewBox="0 0 120 70"');
    expect(svg).toContain('points="10,60 110,60 110,10 15,10"');
    expect(svg).toContain('<text x="12" y="58" font-family="monospace" font-size="5">0, 0</text>');
    expect(svg).toContain('<text x="112" y="8" font-family="monospace" font-size="5">100, 50</text>');
    expect(svg).toContain("<title>No. 5 &lt;left&gt; &amp; &quot;right&quot;</title>");
  });
  it("one that leans out to the left is moved in", () => {
    const svg = templateSvg(
      [
        { x: 0, y: 0 },
        { x: 100, y: 0 },
        { x: 96, y: 50 },
        { x: -4, y: 50 },
      ],
      "",
    );
    expect(svg).toContain('width="124mm"');
    expect(svg).toContain('points="14,60 114,60 110,10 10,10"');
  });
});

describe("a pane of the opening's own shape", () => {
  const clearance = { left: 1.5, right: 1.5, bottom: 1.5, top: 1.5 };
  const corners = (turn: number) => {
    const at = (x: number, y: number) => ({
      x: x * Math.cos(turn) - y * Math.sin(turn),
      y: x * Math.sin(turn) + y * Math.cos(turn),
    });
    return { bl: at(0, 0), br: at(600, 0), tr: at(600, 900), tl: at(0, 900) };
  };
  it.each([0, 0.02, -0.05, 0.4])("turned by %d, a true opening of 600 × 900 takes 597 × 897, laid level", (turn) => {
    const q = shapedPane(corners(turn), clearance);
    const flat = q && [q.bl, q.br, q.tr, q.tl].flatMap((p) => [p.x, p.y]);
    for (const [i, v] of [0, 0, 597, 0, 597, 897, 0, 897].entries()) expect(flat?.[i]).toBeCloseTo(v, 6);
  });
  it("is none where nothing would be left", () =>
    expect(shapedPane(corners(0), { ...clearance, left: 400, right: 400 })).toBeUndefined());
});
