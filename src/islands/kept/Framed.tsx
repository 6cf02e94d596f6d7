import type { ReactNode } from "react";
import Switches from "../log/Switches.tsx";
import type { Here } from "./here.ts";

const PLACES = [
  ["/", "Round"],
  ["/plan/day", "Today"],
  ["/orders", "Orders"],
  ["/house", "House rules"],
] as const;

/** The frame of a page as the server sends it, and that this one was made here. */
export function Framed({
  prefs,
  people,
  agreedAt,
  fill = false,
  children,
}: Here & { readonly fill?: boolean; readonly children: ReactNode }) {
  return (
    <>
      <header className="no-print flex min-h-11 shrink-0 items-center justify-between gap-3 bg-bar px-4 text-on-bar desk:px-5">
        <nav className="flex gap-1" aria-label="Main">
          {PLACES.map(([href, name]) => (
            <a
              key={href}
              className={`flex min-h-11 items-center px-2 no-underline ${href === "/house" ? "max-sm:hidden" : ""}`}
              href={href}
            >
              {name}
            </a>
          ))}
        </nav>
        <Switches prefs={prefs} people={people} />
      </header>
      <p
        className="no-print shrink-0 border-b border-line bg-tape px-4 py-1 text-[#22200f] text-[13px] desk:px-5"
        role="status"
      >
        {`No signal: this page was made here, as of ${time(agreedAt)}. What you write is kept and goes out by itself.`}
      </p>
      <main id="main" className={fill ? "flex min-h-0 flex-1 flex-col" : "min-h-0 flex-1 overflow-auto"}>
        {children}
      </main>
    </>
  );
}

const time = (at: number): string => {
  const d = new Date(at);
  const clock = `${String(d.getHours()).padStart(2, "0")}:${String(d.getMinutes()).padStart(2, "0")}`;
  return d.toDateString() === new Date().toDateString() ? clock : `${d.getDate()}/${d.getMonth() + 1}, ${clock}`;
};
