import { frameOf } from "../../core/frame/systems.ts";
import { CAUSE_WORDS, causeClause } from "../../core/look/damage.ts";
import { dayOf } from "../../core/units/day.ts";
import { type LengthUnit, nm } from "../../core/units/length.ts";
import { sayDate } from "../../core/words/days.ts";
import { type Dialect, say } from "../../core/words/dialect.ts";
import { sizeText } from "../../core/words/size-text.ts";
import type { Property } from "../property.ts";
import { printPdf } from "./pdf.ts";

const BAR = { wide: 200, high: 9 };

/** The owner's paper: every opening of a property, what was done to it and when, and what fails there. */
export function propertyPdf(
  property: Property,
  by: { readonly unit: LengthUnit; readonly dialect: Dialect },
): Promise<Buffer> {
  const most = Math.max(1, ...property.causes.map((c) => c.panes));
  const mostOfYear = Math.max(1, ...property.years.map((y) => y.failed));
  const margin = (top: number): [number, number, number, number] => [0, top, 0, 0];
  const bar = (name: string, count: number, panes: number) => ({
    columns: [
      { width: 150, text: name },
      { width: 30, text: String(count) },
      {
        width: "*",
        canvas: [{ type: "rect" as const, x: 0, y: 2, w: (BAR.wide * count) / panes, h: BAR.high, color: "#1b5e4f" }],
      },
    ],
    margin: margin(3),
  });
  return printPdf({
    firm: property.firm,
    title: `Windows at ${property.address}`,
    foot: "A record of what was done and seen. It is not a certificate.",
    content: [
      { text: `Windows at ${property.address}`, style: "h1" },
      ...(property.causes.length > 0
        ? [
            { text: "What fails here", bold: true, margin: margin(12) },
            ...property.causes.map((c) => bar(say(CAUSE_WORDS[c.cause].name, by.dialect), c.panes, most)),
          ]
        : []),
      ...(property.years.length > 0
        ? [
            { text: "Failed units, by the year in their spacer", bold: true, margin: margin(12) },
            ...property.years.map((y) => bar(`${y.year}, ${y.failed} of ${y.seen} seen`, y.failed, mostOfYear)),
          ]
        : []),
      ...property.openings.flatMap((o) => [
        {
          text: [o.opening, o.light].filter(Boolean).join(", "),
          bold: true,
          fontSize: 12,
          margin: margin(14),
        },
        { text: o.system ? say(frameOf(o.system).name, by.dialect) : "Frame not said yet", style: "mute" },
        ...o.repairs.map((r) => ({
          columns: [
            { width: 90, text: sayDate(dayOf(r.day)) },
            {
              width: "*",
              text: [
                r.fitted,
                r.size
                  ? `, ${sizeText(nm(r.size.width), by.unit, true)} × ${sizeText(nm(r.size.height), by.unit, true)} ${by.unit}`
                  : "",
                r.setIn ? say(`, set in ${r.setIn.toLowerCase()}`, by.dialect) : "",
                r.cause ? say(`. The old one ${causeClause(r.cause)}`, by.dialect) : "",
                r.state === "open" ? ". Under way" : "",
                ".",
              ].join(""),
            },
          ],
          margin: margin(3),
        })),
      ]),
    ],
  });
}
