import type { FirmDetails } from "../../core/log/kinds/firm.ts";
import { type OrderBook, standingLines } from "../../core/pane/order-book.ts";
import { groupedLines } from "../../core/pane/order-groups.ts";
import { counted } from "../../core/text/counted.ts";
import { dayOf } from "../../core/units/day.ts";
import { sayDate } from "../../core/words/days.ts";
import { massTogether, orderLineWords } from "../../core/words/order-sheet.ts";
import type { Prefs } from "../../core/words/prefs.ts";
import { orderLineDrawing } from "../../drawing/order-line-drawing.ts";
import { guarded } from "../ui/Guarded.tsx";
import { usePrefs } from "../ui/prefs.ts";
import { LineDrawing } from "./LineDrawing.tsx";

type Props = { readonly prefs: Prefs; readonly order: OrderBook; readonly firm: FirmDetails };

/** How large a pane is drawn, by how many stand on the sheet: a few have the room, of many two more go on a page. */
const drawnFor = (lines: number): { readonly box: number; readonly columns: string } =>
  lines <= 3
    ? { box: 196, columns: "grid-cols-[19rem_minmax(0,1fr)] print:grid-cols-[19rem_minmax(0,1fr)]" }
    : { box: 124, columns: "grid-cols-[11.5rem_minmax(0,1fr)] print:grid-cols-[11.5rem_minmax(0,1fr)]" };

/** The order as it goes to its supplier on paper: each line with its pane drawn and dimensioned. */
function OrderSheet({ prefs: initial, order, firm }: Props) {
  const prefs = usePrefs(initial);
  const lines = standingLines(order);
  const words = lines.map((l) => orderLineWords(l, prefs));
  const groups = groupedLines(lines);
  const { box, columns } = drawnFor(groups.length);
  return (
    <div className="mx-auto max-w-3xl space-y-5 bg-sheet px-6 py-6 print:max-w-none print:p-0">
      <p className="no-print flex items-center justify-between gap-3">
        <a href={`/orders/${order.id}`}>Back to the order</a>
        <button type="button" className="btn btn-main" onClick={() => window.print()}>
          Print it
        </button>
      </p>
      <Letterhead firm={firm} />
      <header className="flex flex-wrap items-start justify-between gap-4">
        <div>
          <h1>Glass order</h1>
          <p className="text-[16px]">{order.supplier}</p>
        </div>
        <dl className="grid grid-cols-[auto_auto] gap-x-3 text-right">
          <dt className="text-mute">Our reference</dt>
          <dd className="tight font-semibold">{order.reference || "–"}</dd>
          <dt className="text-mute">Ordered</dt>
          <dd>{order.sent ? sayDate(dayOf(order.sent.day)) : "not yet"}</dd>
          <dt className="text-mute">Due</dt>
          <dd>{order.sent ? sayDate(dayOf(order.sent.due)) : "–"}</dd>
          <dt className="text-mute">By</dt>
          <dd>{order.sent?.who ?? prefs.who}</dd>
        </dl>
      </header>
      <p className="border-y border-ink py-2 font-semibold">
        {`Sizes are width × height, in ${prefs.unit === "mm" ? "millimetres" : "inches"}. Each line says whether it is the glass or the opening. Cut down to the size, never above it.`}
      </p>
      <ol className="divide-y divide-line">
        {groups.map((g, i) => {
          const w = orderLineWords(g.line, prefs);
          return (
            <li
              key={g.line.line}
              className={`grid break-inside-avoid items-start gap-x-6 gap-y-2 py-4 max-sm:grid-cols-1 ${columns}`}
            >
              <div className="flex justify-center">
                <LineDrawing
                  drawn={orderLineDrawing(g.line, w, box)}
                  label={`${w.width} wide, ${w.height} high, ${w.label}`}
                />
              </div>
              <div className="grid grid-cols-[minmax(0,1fr)_minmax(0,11rem)] gap-4 max-sm:grid-cols-1">
                <div className="space-y-1">
                  <p className="flex flex-wrap items-baseline gap-x-3">
                    <span className="text-mute">{`${i + 1}.`}</span>
                    <span className="font-semibold">{`${g.lines.length} off`}</span>
                    <span className="tight whitespace-nowrap text-[24px] font-bold leading-none">{`${w.width} × ${w.height}`}</span>
                  </p>
                  <p className="font-semibold">{w.basis}</p>
                  {w.shape && <p>{w.shape}</p>}
                  {w.cutterSize && <p>{`cut to ${w.cutterSize}`}</p>}
                  <p>{w.glass}</p>
                  <p className="text-mute">{`${w.edges ? `${w.edges}, ` : ""}${w.mass}${g.lines.length > 1 ? " each" : ""}`}</p>
                  {w.extra && <p>{w.extra}</p>}
                </div>
                <ul className="space-y-1">
                  {g.lines.map((l) => {
                    const one = orderLineWords(l, prefs);
                    return (
                      <li key={l.line}>
                        {one.label}
                        <span className="block min-h-5 border-b border-line text-[12px] text-mute">
                          {one.came ?? "came:"}
                        </span>
                      </li>
                    );
                  })}
                </ul>
              </div>
            </li>
          );
        })}
      </ol>
      <p>
        {`${counted(lines.length, "pane")}${lines.length === 0 ? "" : `, ${massTogether(words, prefs.unit)} together`}. Write the label on each pane, on a sticker that comes off: on the face for the room, reading upright as the pane will stand.`}
      </p>
    </div>
  );
}

/** The firm at the head of its papers; nothing where it gave no name. */
export function Letterhead({ firm }: { readonly firm: FirmDetails }) {
  if (firm.name === "") return null;
  return (
    <header className="flex flex-wrap items-end justify-between gap-x-6 border-b-2 border-ink pb-2">
      <div>
        <p className="text-[18px] font-bold [font-stretch:112%]">{firm.name}</p>
        <p className="text-mute">{firm.address}</p>
      </div>
      <p className="text-right text-[13px] text-mute">
        {[firm.telephone, firm.mail].filter(Boolean).join("  ·  ")}
        {firm.taxNumber && <span className="block">{`Tax number ${firm.taxNumber}`}</span>}
      </p>
    </header>
  );
}

export default guarded(OrderSheet, "The order sheet");
