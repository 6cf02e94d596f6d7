/** A day, or some days, on a line of dates. Days since 1970. */
export type DateMark = { readonly from: number; readonly to: number | null; readonly says: string };

export type DateLine = {
  readonly width: number;
  readonly height: number;
  /** The line itself, and a tick a week. */
  readonly rule: string;
  readonly spans: readonly { readonly x: number; readonly width: number; readonly y: number }[];
  readonly points: readonly { readonly x: number; readonly y: number }[];
  readonly texts: readonly { readonly x: number; readonly y: number; readonly says: string; readonly end: boolean }[];
};

const ROW = 16;
const EDGE = 4;
const RULE_Y = 10;
const WEEK = 7;
/** So wide is a letter, at the most. */
const LETTER = 4.8;

/**
 * Dates as a line: a row a mark under one rule, each at its day; a span as a bar. Texts stand where there is room for them.
 * In the drawing's own unit, y down.
 * @example dateLine([{ from: 0, to: null, says: "set" }, { from: 7, to: 21, says: "paint" }], 400) // two rows
 */
export function dateLine(marks: readonly DateMark[], width: number): DateLine {
  const first = Math.min(...marks.map((m) => m.from));
  const last = Math.max(...marks.map((m) => m.to ?? m.from), first + WEEK);
  const scale = (width - 2 * EDGE) / (last - first);
  const at = (d: number): number => Math.round((EDGE + (d - first) * scale) * 10) / 10;
  const weeks: string[] = [];
  for (let d = first; d <= last; d += WEEK) weeks.push(`M${at(d)} ${RULE_Y - 3}V${RULE_Y + 3}`);
  const rows = marks.map((m, i) => ({ ...m, y: RULE_Y + 14 + i * ROW }));
  return {
    width,
    height: RULE_Y + 14 + marks.length * ROW,
    rule: `M${EDGE} ${RULE_Y}H${width - EDGE}${weeks.join("")}`,
    spans: rows.flatMap((m) =>
      m.to === null ? [] : [{ x: at(m.from), width: Math.max(2, at(m.to) - at(m.from)), y: m.y - 6 }],
    ),
    points: rows.flatMap((m) => (m.to === null ? [{ x: at(m.from), y: m.y }] : [])),
    texts: rows.map((m) => {
      const start = at(m.from);
      const stop = m.to === null ? start : at(m.to);
      const wide = m.says.length * LETTER;
      const y = m.y + 3.5;
      // What would run off an end stands before its mark, or on it where there is no room on either side.
      if (stop + 8 + wide <= width) return { x: stop + 8, y, says: m.says, end: false };
      if (start - 8 - wide >= 0) return { x: start - 8, y, says: m.says, end: true };
      return { x: Math.min(start + 6, width - wide), y, says: m.says, end: false };
    }),
  };
}

const safe = (text: string): string => text.replace(/[<>&"]/g, (c) => `&#${c.charCodeAt(0)};`);

/** The same as an SVG of its own, for a printed page. */
export const dateLineSvg = (d: DateLine): string =>
  `<svg xmlns="http://www.w3.org/2000/svg" width="${d.width}" height="${d.height}" viewBox="0 0 ${d.width} ${d.height}"><path d="${d.rule}" stroke="#22252a" stroke-width="0.8" fill="none"/>${d.spans
    .map(
      (s) =>
        `<rect x="${s.x}" y="${s.y}" width="${s.width}" height="12" fill="#cfe6dc" stroke="#1b6b5b" stroke-width="0.8"/>`,
    )
    .join("")}${d.points.map((p) => `<circle cx="${p.x}" cy="${p.y}" r="3.4" fill="#1b6b5b"/>`).join("")}${d.texts
    .map(
      (t) =>
        `<text x="${t.x}" y="${t.y}" font-size="9" fill="#22252a" text-anchor="${t.end ? "end" : "start"}">${safe(t.says)}</text>`,
    )
    .join("")}</svg>`;
