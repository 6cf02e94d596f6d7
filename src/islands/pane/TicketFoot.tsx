import { isMade } from "../../core/pane/stands.ts";
import { ticketOf } from "../../core/words/ticket.ts";
import { usePane } from "../panels/pane-context.ts";
import { toTheWork } from "../stage/to-the-work.ts";
import { Size } from "../ui/Size.tsx";
import { useHandsBusy } from "./hands-busy.ts";
import type { View } from "./model.ts";
import { NextElsewhere, NextHere, useNextHere } from "./NextThing.tsx";

type Props = {
  readonly copy: () => void;
  readonly view: View;
  readonly open: (view: View) => void;
  readonly said: string;
};

/** The sentence to read out at the counter, always at the foot of the page. */
export function TicketFoot({ copy, view, open, said }: Props) {
  const { book, reckoning: r, prefs } = usePane();
  const ticket = ticketOf(book, r, prefs);
  const size = r.cut.ok ? r.cut.value.glass : r.stands.size;
  const busy = useHandsBusy(view);
  const here = useNextHere(view);
  // One line of it on a phone: what is next here, unless something is wrong with the size.
  const nextOnPhone = !busy && !said && !ticket.trouble ? here : null;
  return (
    <footer className="no-print shrink-0 bg-deep text-on-deep">
      <div className="flex items-center gap-x-5 gap-y-0.5 px-4 py-2.5 max-sm:flex-wrap desk:min-h-[72px] desk:px-5">
        {size && ticket.size && (
          <p className="text-[26px] font-bold whitespace-nowrap desk:text-[32px]">
            <Size {...size} unit={prefs.unit} made={isMade(r.stands)} />
          </p>
        )}
        <p className="min-w-0 flex-1 truncate text-[14px] sm:hidden">{ticket.what.replace("1 off, ", "")}</p>
        <div className="min-w-0 flex-1 max-sm:basis-full">
          <p className="text-[15px] leading-snug max-sm:hidden">{ticket.what}</p>
          <p
            className={`text-[13px] leading-snug ${busy ? "max-sm:line-clamp-1" : "max-sm:line-clamp-2"} ${said || nextOnPhone || ((busy || view === "measure") && !ticket.trouble) ? "max-sm:hidden" : ""} ${ticket.trouble ? "font-semibold text-[#ffc9ba]" : "opacity-85"}`}
          >
            {ticket.cutterSize && <>Cut to {ticket.cutterSize}. </>}
            {ticket.why}
          </p>
          {nextOnPhone && (
            <button
              type="button"
              className="block min-h-11 w-full truncate text-left text-[15px] font-semibold text-[#f7e9a6] sm:hidden"
              onClick={toTheWork}
            >
              next, here: {nextOnPhone} <span aria-hidden="true">↑</span>
            </button>
          )}
        </div>
        <output className="text-[13px] empty:hidden max-sm:basis-full max-sm:font-semibold" aria-live="polite">
          {said}
        </output>
        <div className="flex shrink-0 items-center gap-2 max-sm:hidden">
          <button
            type="button"
            className="btn border-white/30 bg-transparent text-on-deep max-sm:hidden"
            onClick={copy}
          >
            Copy <kbd className="text-[12px] opacity-80">c</kbd>
          </button>
          <span>
            <NextHere view={view} />
            <NextElsewhere view={view} open={open} />
          </span>
        </div>
        {!busy && (
          <div className="basis-full pt-1 empty:hidden sm:hidden">
            <NextElsewhere view={view} open={open} />
          </div>
        )}
      </div>
    </footer>
  );
}
