import { frameOf } from "../frame/systems.ts";
import { hasFailed } from "../look/damage.ts";
import { readMarks } from "../look/marks.ts";
import type { OpeningReadings } from "../measure/figure.ts";
import { HEIGHTS, OPENING, WIDTHS } from "../measure/places.ts";
import { readsWhole } from "../measure/ways.ts";
import { LINE_STATE_FACTS } from "../order/line-state.ts";
import { makesOfLine } from "../order/sources.ts";
import type { ReadingAsRead } from "../pane/as-read.ts";
import type { PaneBook } from "../pane/book.ts";
import type { OrderBook, OrderLine } from "../pane/order-book.ts";
import { readingsOf } from "../pane/readings-of.ts";
import { standsOf } from "../pane/stands.ts";
import { readTape } from "../tape/read.ts";
import type { Written } from "../tape/written.ts";
import { toMm } from "../units/length.ts";
import type { CameBack, MadeIn, PaneCame, PaneSeen, ReadTwice, RoomSeen, SideCame } from "./seen.ts";

/** Readings further apart than this were not of one place, mm. */
const NOT_ONE_PLACE_MM = 12;
/** A side that is off by more than this was ordered or made as another pane, mm. */
const ANOTHER_PANE_MM = 40;

const dayIn = (at: string): string => at.slice(0, 10);
const mmOf = (w: Written): number | null => {
  const read = readTape(w.text, w.unit);
  return read.ok ? toMm(read.value.adjusted) : null;
};

/** What this pane tells of tape, cutter, frame and remakes. A figure that cannot be read tells nothing. */
export function seenOnPane(book: PaneBook): PaneSeen {
  const lines = book.orders.flatMap((order) =>
    order.lines.filter((l) => l.pane === book.id && l.state !== "dropped").map((line) => ({ order, line })),
  );
  // A door's insert is no cutter's work, and stands in no rebate: how it came and went in says nothing of glass.
  const cut = lines.filter(({ line }) => line.whole === undefined);
  return {
    twice: readTwice(book),
    sides: cut.flatMap(({ order, line }) => sidesOf(order, line)),
    room: roomOf(book),
    came: lines.flatMap(({ order, line }) => cameOf(order, line)),
    back: [...lines.flatMap(({ order, line }) => backOf(book, order, line)), ...failed(book)],
    went: book.fit && !readsWhole(book.way) ? { went: book.fit.went.went, day: dayIn(book.fit.at) } : null,
    made: madeIn(book),
  };
}

/** The year that its spacer or its stamp says; null where none is read, or one that lies ahead of the day it was seen. */
function madeIn(book: PaneBook): MadeIn | null {
  const day = dayIn(book.log.standing.find((e) => e.about.pane === book.id)?.at ?? "");
  if (!book.found || day === "") return null;
  const { year } = readMarks(book.found.marks, book.found.spacerDate, Number(day.slice(0, 4)));
  return year === null ? null : { year, day, failed: hasFailed(book.damage), cause: book.cause };
}

/** Only readings of one writer, one tape: what two people differ by is another question. */
function readTwice(book: PaneBook): readonly ReadTwice[] {
  return OPENING.flatMap((place) => {
    const [first, second] = [book.readings[place], book.again[place]];
    if (!first || !second || first.who !== second.who || first.unit !== second.unit) return [];
    const [a, b] = [exactly(first), exactly(second)];
    if (a === null || b === null || Math.abs(a - b) > NOT_ONE_PLACE_MM) return [];
    const at = book.log.standing.find((e) => e.id === second.entry)?.at ?? "";
    return [{ who: second.who, tape: second.unit, day: dayIn(at), byMm: a - b }];
  });
}
const exactly = (r: ReadingAsRead): number | null => (r.read.ok ? toMm(r.read.value.adjusted) : null);

/** A unit as thick as this is sealed, mm. */
const SEALED_FROM_MM = 11;
const isSealed = (line: OrderLine): boolean => line.makeup !== undefined || line.thicknessNm >= SEALED_FROM_MM * 1e6;

function sidesOf(order: OrderBook, line: OrderLine): readonly SideCame[] {
  const { check } = line;
  if (!check) return [];
  const side = (came: Written, orderedNm: number): readonly SideCame[] => {
    const mm = mmOf(came);
    const byMm = mm === null ? null : mm - orderedNm / 1e6;
    return byMm === null || Math.abs(byMm) > ANOTHER_PANE_MM
      ? []
      : [
          {
            supplier: order.supplier,
            sealed: isSealed(line),
            who: check.who,
            tape: came.unit,
            day: order.arrived ?? dayIn(check.at),
            byMm,
          },
        ];
  };
  return [...side(check.payload.width, line.widthNm), ...side(check.payload.height, line.heightNm)];
}

/** Each pane that came for the line: one that was made again came more than once. */
function cameOf(order: OrderBook, line: OrderLine): readonly PaneCame[] {
  const supplier = order.supplier;
  const make = makesOfLine(line);
  const earlier = line.wentBack.map((c, i) => ({
    supplier,
    day: i === 0 ? (order.arrived ?? dayIn(c.at)) : dayIn(c.at),
    back: true,
    make,
  }));
  if (!line.check && !line.broke) return earlier;
  const first = line.wentBack.length === 0 ? order.arrived : null;
  return [
    ...earlier,
    { supplier, day: first ?? dayIn(line.check?.at ?? order.openedAt), back: LINE_STATE_FACTS[line.state].again, make },
  ];
}

function backOf(book: PaneBook, order: OrderBook, line: OrderLine): readonly CameBack[] {
  const kept = book.remakes.get(line.entry);
  const back = LINE_STATE_FACTS[line.state].again || line.wentBack.length > 0;
  if (!back && !kept) return [];
  const [first] = line.wentBack;
  const check = first ?? line.check;
  return [
    {
      line: line.entry,
      day: kept?.day ?? order.arrived ?? dayIn(check?.at ?? order.openedAt),
      supplier: order.supplier,
      said: kept?.note || line.broke?.note || check?.payload.reason || "",
      why: kept?.why ?? null,
      whose: kept?.whose ?? line.broke?.whose ?? null,
      pence: kept?.pence ?? null,
    },
  ];
}

/** It failed where it was set. */
function failed(book: PaneBook): readonly CameBack[] {
  const kept = book.remakes.get("");
  return kept
    ? [
        {
          line: "",
          day: kept.day,
          supplier: book.line?.order.supplier ?? null,
          said: kept.note,
          why: kept.why,
          whose: kept.whose,
          pence: kept.pence,
        },
      ]
    : [];
}

/** Opening and pane were both read by the firm: what is left between the readings and the room seen is the frame's own movement. */
function roomOf(book: PaneBook): readonly RoomSeen[] {
  const { size, as } = standsOf(book);
  if (!book.fit || !size || book.way !== "rebate" || (as !== "accepted" && as !== "set")) return [];
  const { readings } = readingsOf(book);
  const opening: OpeningReadings = readings;
  const { material } = frameOf(book.added.system);
  const { fit } = book;
  return (["width", "height"] as const).flatMap((axis) => {
    const room = fit.went[axis];
    const seen = room ? mmOf(room) : null;
    const read = evenly(opening, axis);
    const readOn = dayRead(book, axis);
    if (seen === null || read === null || readOn === null) return [];
    return [{ material, read: readOn, day: dayIn(fit.at), byMm: seen - (read - toMm(size[axis])), lengthMm: read }];
  });
}

/** When the last of an axis' readings was taken. */
function dayRead(book: PaneBook, axis: "width" | "height"): string | null {
  const days = (axis === "width" ? WIDTHS : HEIGHTS).flatMap((p) => {
    const entry = book.readings[p]?.entry;
    const at = entry ? book.log.standing.find((e) => e.id === entry)?.at : undefined;
    return at ? [dayIn(at)] : [];
  });
  return days.toSorted().at(-1) ?? null;
}

/** An opening that tapers by more than this has no one size to compare a room with, mm. */
const EVEN_MM = 2;

/** The mean of an axis' readings, mm: the smallest of them would be too small by chance. Null where they differ by too much. */
function evenly(opening: OpeningReadings, axis: "width" | "height"): number | null {
  const read = (axis === "width" ? WIDTHS : HEIGHTS).flatMap((p) => {
    const length = opening[p];
    return length === undefined ? [] : [toMm(length)];
  });
  if (read.length === 0 || Math.max(...read) - Math.min(...read) > EVEN_MM) return null;
  return read.reduce((sum, r) => sum + r, 0) / read.length;
}
