import { useEffect, useState } from "react";
import { frameOf } from "../../core/frame/systems.ts";
import { wasUnit } from "../../core/pane/unit.ts";
import { wholeOf } from "../../core/pane/whole-here.ts";
import { EXPLAINS_FACTS, explainsTo } from "../../core/people/explains.ts";
import { usePane } from "../panels/pane-context.ts";
import { SideSection } from "../stage/SideSection.tsx";
import { useSteps } from "../steps/use-steps.ts";
import { Sheet } from "../ui/Sheet.tsx";

const READ = "pp-met";
const isRead = (key: string): boolean => (localStorage.getItem(READ) ?? "").split("\n").includes(key);
const keepRead = (key: string): void =>
  localStorage.setItem(READ, [...(localStorage.getItem(READ) ?? "").split("\n").filter(Boolean), key].join("\n"));

/** Two minutes before a frame that whoever writes here has never worked on: how it holds its glass, in which order it gives it, and what breaks it. */
export function FirstMeeting() {
  const { book, firm, metHere, prefs, say } = usePane();
  const { cardOpen } = EXPLAINS_FACTS[explainsTo(firm.explains, prefs.who)];
  const { steps } = useSteps("takeout");
  const key = `${prefs.who} ${book.added.system}`;
  const [open, setOpen] = useState(false);
  // Hidden until it is known whether this browser showed it.
  const [read, setRead] = useState(true);
  useEffect(() => setRead(isRead(key)), [key]);
  if (!cardOpen || metHere === null || metHere.includes(prefs.who) || read || book.steps.size > 0 || wholeOf(book))
    return null;
  const frame = frameOf(book.added.system);
  const never = steps.flatMap((s) => (s.never ? [{ id: s.id, says: s.never }] : []));
  return (
    <div className="flex items-center justify-between gap-2 sm:border sm:border-line sm:bg-sheet sm:px-3 sm:py-2">
      <p className="text-[14px] leading-tight">
        <span className="max-sm:hidden">You have not taken glass out of such a frame here yet.</span>
        <span className="sm:hidden">New to you here.</span>
      </p>
      <button type="button" className="btn btn-small shrink-0" onClick={() => setOpen(true)}>
        Two minutes first
      </button>
      {open && (
        <Sheet title={say(frame.name)} close={() => setOpen(false)}>
          <div className="mx-auto max-w-xs">
            <SideSection title="Through one side" held={wasUnit(book) ? "unit" : "glass"} />
          </div>
          <p className="font-semibold">It comes apart like this</p>
          <ol className="list-decimal space-y-0.5 pl-5 text-[14px]">
            {steps.map((s) => (
              <li key={s.id}>
                {say(s.does)} <span className="text-mute">{say(s.why)}</span>
              </li>
            ))}
          </ol>
          {never.length > 0 && (
            <>
              <p className="font-semibold">What breaks it</p>
              <ul className="list-disc space-y-0.5 pl-5 text-[14px]">
                {never.map((n) => (
                  <li key={n.id}>{say(n.says)}</li>
                ))}
              </ul>
            </>
          )}
          <button
            type="button"
            className="btn btn-main w-full"
            onClick={() => {
              keepRead(key);
              setRead(true);
            }}
          >
            I have read it
          </button>
        </Sheet>
      )}
    </div>
  );
}
