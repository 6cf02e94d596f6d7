import { describe, expect, it } from "vitest";
import { templateSvg } from "./shaped.ts";

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
