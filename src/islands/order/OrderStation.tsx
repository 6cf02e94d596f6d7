import { v7 as uuidv7 } from "uuid";
import { readsWhole, WAY_FACTS } from "../../core/measure/ways.ts";
import { LINE_STATE_FACTS } from "../../core/order/line-state.ts";
import { MAKES_NAMES } from "../../core/order/sources.ts";
import { houseWith } from "../../core/order/their-cutting.ts";
import type { OpenOrder } from "../../core/page/pane-page.ts";
import { oldGlassOnly } from "../../core/pane/old-glass.ts";
import type { OrderBook, OrderLine } from "../../core/pane/order-book.ts";
import { needsOf, saysMakes, unitsInOf } from "../../core/pane/source-facts.ts";
import { isMade } from "../../core/pane/stands.ts";
import { isToBeCut } from "../../core/pane/to-be-cut.ts";
import { usualLeadDays } from "../../core/pane/usual-lead.ts";
import { wholeOf } from "../../core/pane/whole-here.ts";
import { looksText } from "../../core/specify/looks.ts";
import { WHOLE_SIZE_WORDS } from "../../core/specify/whole.ts";
import { dayOf, writeDay } from "../../core/units/day.ts";
import { gridUnit } from "../../core/units/length.ts";
import { sayDayFrom } from "../../core/words/days.ts";
import { glassText } from "../../core/words/glass.ts";
import { goesIn } from "../../core/words/goes-in.ts";
import { cutErrorSentence } from "../../core/words/size.ts";
import { openingText, sinceOrderedText, ticketOf } from "../../core/words/ticket.ts";
import { SendForm } from "../log/SendForm.tsx";
import { Chase } from "../panels/Chase.tsx";
import { CheckedLine } from "../panels/CheckedLine.tsx";
import { CheckInForm } from "../panels/CheckInForm.tsx";
import { Part } from "../panels/Part.tsx";
import { usePane } from "../panels/pane-context.ts";
import { WentBack } from "../panels/WentBack.tsx";
import { PhotoOf } from "../photos/PhotoOf.tsx";
import { Size } from "../ui/Size.tsx";
import { BeforeOrder } from "./BeforeOrder.tsx";
import { CutHere } from "./CutHere.tsx";
import { GoesAs } from "./GoesAs.tsx";
import { HaveGlass } from "./HaveGlass.tsx";
import { ItBroke } from "./ItBroke.tsx";
import { OrderedTwice } from "./OrderedTwice.tsx";
import { usePutOn } from "./use-put-on.ts";

/** On an order, on its way, come and checked: the pane's side of it. */
export function OrderStation({ openOrders }: { readonly openOrders: readonly OpenOrder[] }) {
  const { book } = usePane();
  const found = book.line;
  if (!found)
    return book.had ? (
      <Part title="The glass">
        <HaveGlass />
      </Part>
    ) : (
      <PutOn openOrders={openOrders} />
    );
  const { again } = LINE_STATE_FACTS[found.line.state];
  return (
    <div className="space-y-5">
      <OrderedTwice />
      <OnOrder order={found.order} line={found.line} />
      {again && book.had && (
        <Part title="The glass">
          <HaveGlass />
        </Part>
      )}
      {again && !book.had && <PutOn openOrders={openOrders} again />}
    </div>
  );
}

function PutOn({ openOrders, again = false }: { readonly openOrders: readonly OpenOrder[]; readonly again?: boolean }) {
  const { book, reckoning: r, firm, prefs, say, writeOrder } = usePane();
  const way = usePutOn(openOrders);
  if (oldGlassOnly(book))
    return (
      <p className="note-glass">
        The old glass goes back, as chosen under <a href={`/panes/${book.id}/look`}>Look</a>: nothing is ordered. If it
        breaks on the way, say so there, and new glass is sized and ordered.
      </p>
    );
  const whole = wholeOf(book);
  // Glass that is here is looked at and taken whatever was read so far.
  const mayBeHere = whole === null || whole === "insert";
  if (!r.cut.ok || !way)
    return (
      <Part title={again ? "Order it again" : "Put it on an order"}>
        {!r.cut.ok && <p className="note-glass">{say(cutErrorSentence(r.cut.error, book.way))}</p>}
        {mayBeHere && <HaveGlass />}
      </Part>
    );
  const { held, proposed, hasMaker, open, putOn } = way;
  const ticket = ticketOf(book, r, prefs);
  // They said what they make, and it is not this: the first of them is no better guess than none.
  const madeIn = unitsInOf(book);
  const isMadeByNobody = !hasMaker && firm.suppliers.some((s) => saysMakes(firm.terms.get(s.name)));
  return (
    <Part
      title={again ? "Order it again" : "Put it on an order"}
      more={
        readsWhole(book.way)
          ? `goes by its own size: ${say(WAY_FACTS[book.way].name)}`
          : book.basis === "glass"
            ? "goes as glass size: nothing more comes off"
            : "goes as the opening: the cutter takes it off"
      }
    >
      {ticket.trouble && (
        <p className="note-wax">
          {r.unsafe ? (
            <>
              Safety glass is called for here and this is not it.{" "}
              <a href={`/panes/${book.id}/specify`}>Choose it under Specify</a>, or know why not.
            </>
          ) : (
            <>
              {r.slips.length > 0
                ? "A reading contradicts the others."
                : "This size will not go in as the opening stands."}{" "}
              <a href={`/panes/${book.id}/measure`}>Look at Measure first</a>.
            </>
          )}
        </p>
      )}
      <BeforeOrder />
      {held === null && <CutHere />}
      {mayBeHere && <HaveGlass />}
      {isMadeByNobody && (
        <p className="note-glass">
          Nobody on your list makes {say(MAKES_NAMES[needsOf(book, r)])}
          {needsOf(book, r) === "units" && madeIn !== null && ` in ${madeIn === "in" ? "inch" : "metric"} sizes`}: type
          who does, or say it of a supplier under <a href="/house#suppliers">House rules</a>.
        </p>
      )}
      {proposed && <GoesAs line={way.line} supplier={proposed} />}
      {held === null && (
        <ul className="space-y-2">
          {open.map((o) => (
            <li key={o.id}>
              <button type="button" className="btn w-full justify-between" onClick={() => putOn(o.id, o.supplier)}>
                <span>
                  Add to {o.reference || "the open order"}, {o.supplier}
                </span>
                <span aria-hidden="true">+</span>
              </button>
            </li>
          ))}
        </ul>
      )}
      {held === null && (
        <form
          className="grid grid-cols-[1fr_auto] items-end gap-2 max-sm:grid-cols-[3fr_2fr]"
          onSubmit={(e) => {
            e.preventDefault();
            const form = new FormData(e.currentTarget);
            const order = uuidv7();
            writeOrder(order, "order.opened", {
              supplier: String(form.get("supplier")),
              reference: String(form.get("reference") ?? ""),
            });
            putOn(order, String(form.get("supplier")));
          }}
        >
          <label>
            <span className="text-[13px] text-mute">New order to</span>
            <input
              name="supplier"
              required
              maxLength={120}
              list="suppliers"
              key={proposed}
              defaultValue={proposed ?? (isMadeByNobody ? "" : (firm.suppliers[0]?.name ?? ""))}
            />
          </label>
          <datalist id="suppliers">
            {firm.suppliers.map((s) => (
              <option key={s.name} value={s.name}>
                {s.cuts}
              </option>
            ))}
          </datalist>
          <label>
            <span className="text-[13px] text-mute">Our reference</span>
            <input name="reference" maxLength={200} size={8} />
          </label>
          <button type="submit" className={`btn col-span-2 ${ticket.trouble || isToBeCut(book, r) ? "" : "btn-main"}`}>
            {ticket.trouble ? "Open an order and put it on anyway" : "Open an order and put it on"}
          </button>
        </form>
      )}
    </Part>
  );
}

function OnOrder({ order, line }: { readonly order: OrderBook; readonly line: OrderLine }) {
  const { book, reckoning: r, firm, prefs, say, writeOrder, today } = usePane();
  const since = sinceOrderedText(r, prefs.unit);
  const opening = line.basis === "opening" ? openingText(r, prefs.unit) : null;
  const lead = firm.suppliers.find((s) => s.name === order.supplier)?.leadDays;
  // It is read back in the unit whoever cuts it works in.
  const cutter = gridUnit(line.grid);
  return (
    <Part
      title={`${order.reference || "Order"}, ${order.supplier}`}
      more={<a href={`/orders/${order.id}`}>open the order</a>}
    >
      <p className="text-[22px] font-bold">
        {opening ?? (
          <>
            {cutter !== prefs.unit && <span className="text-[14px] font-normal">Cut to </span>}
            <Size width={line.widthNm} height={line.heightNm} unit={cutter} />
            <span className="text-[14px] font-normal"> {cutter}</span>
            {cutter !== prefs.unit && (
              <span className="text-[14px] font-normal">
                {" "}
                <span className="text-mute">(</span>
                <Size width={line.widthNm} height={line.heightNm} unit={prefs.unit} made={isMade(r.stands)} />
                <span className="text-mute">)</span>
              </span>
            )}
          </>
        )}
        <span className="text-[14px] leading-snug font-normal">
          ,{" "}
          {[
            line.whole && WHOLE_SIZE_WORDS[line.whole.what][line.whole.over],
            glassText(line, { ...prefs, cutter }),
            line.pattern,
            line.looks && looksText(line.looks),
          ]
            .filter(Boolean)
            .join(", ")}
        </span>
      </p>
      {since && (
        <div className="note-wax space-y-2">
          <p>{say(since)}</p>
          {r.moved && line.state === "open" && (
            <button
              type="button"
              className="btn"
              onClick={() =>
                writeOrder(order.id, "order.line-dropped", { line: line.line, reason: "size changed" }, true)
              }
            >
              Take it off, to put the new size on
            </button>
          )}
        </div>
      )}
      {line.state === "open" && (
        <SendForm
          today={today}
          calendar={firm.calendar}
          leadDays={lead ?? null}
          usualDays={usualLeadDays(order.lines, firm.house)}
          send={(payload) => writeOrder(order.id, "order.sent", payload)}
        />
      )}
      {line.state === "sent" && order.sent && (
        <>
          <p className={dayOf(order.sent.due) < today ? "trouble" : ""}>
            Ordered {sayDayFrom(dayOf(order.sent.day), today)}, due {sayDayFrom(dayOf(order.sent.due), today)}
            {dayOf(order.sent.due) < today && ": late"}
          </p>
          <button
            type="button"
            className="btn btn-main"
            onClick={() => writeOrder(order.id, "order.arrived", { day: writeDay(today) })}
          >
            It has come
          </button>
          <Chase
            order={order}
            today={today}
            calendar={firm.calendar}
            chased={(p) => writeOrder(order.id, "order.chased", p)}
          />
        </>
      )}
      {line.state === "arrived" && (
        <CheckInForm
          line={line}
          house={houseWith(firm.house, firm.terms.get(order.supplier))}
          unit={prefs.unit}
          photos={book.before.photos.filter((p) => p.of === "neighbour").map((p) => p.photo)}
          {...(!readsWhole(book.way) && {
            goesIn: (came) => goesIn(r.odds, came, { canEase: r.canEase, got: "ordered" })?.says ?? null,
          })}
          checked={(p) => writeOrder(order.id, "order.checked", p, true)}
        />
      )}
      {(line.state === "arrived" || line.state === "sent-back") && (
        <PhotoOf station="order" of={`came/${line.line}`} caption="as it came" name="what is wrong with it" />
      )}
      <CheckedLine line={line} unit={prefs.unit} />
      <WentBack line={line} today={today} write={(p) => writeOrder(order.id, "order.outcome", p, true)} />
      <ItBroke order={order} line={line} />
    </Part>
  );
}
