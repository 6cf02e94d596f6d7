import { type ReactNode, type RefObject, useEffect, useRef, useState } from "react";
import { minutesWithin } from "../../core/learn/own-minutes.ts";
import { cautionsOf } from "../../core/look/cautions.ts";
import { stepKey } from "../../core/pane/book.ts";
import { hazardsOf } from "../../core/pane/step-facts.ts";
import { bareAsks, stepHold } from "../../core/pane/step-held.ts";
import { EXPLAINS_FACTS, explainsTo } from "../../core/people/explains.ts";
import { STATION_NAMES, type Station } from "../../core/plan/stations.ts";
import { eyesCovered } from "../../core/steps/protects.ts";
import type { Step } from "../../core/steps/step.ts";
import { betweenText, minutesText } from "../../core/words/minutes.ts";
import { usePane } from "../panels/pane-context.ts";
import { Said } from "../panels/Said.tsx";
import { PhotoOf } from "../photos/PhotoOf.tsx";
import { linkToStep } from "../stage/stage-context.ts";
import { useSwipe } from "../ui/use-swipe.ts";
import { Bare } from "./Bare.tsx";
import { ItIsDry } from "./ItIsDry.tsx";
import { readAloud } from "./read-aloud.ts";
import { StepCautions } from "./StepCautions.tsx";
import { StepTook } from "./StepTook.tsx";
import { useStepKeys } from "./use-step-keys.ts";

type Props = {
  readonly station: Station;
  readonly step: Step;
  readonly number: number;
  readonly of: number;
  /** What begins here, and is not left halfway; null where nothing does. */
  readonly unbroken: string | null;
  /** Held for whoever has the licence. */
  readonly stopped: boolean;
  /** It was ticked, and something speaks against it: why is it left out? */
  readonly refused: boolean;
  /** Set when the card before it was answered: this one then takes the focus. */
  readonly takeFocus: RefObject<boolean>;
  /** Hazards said here. */
  readonly raises: readonly string[];
  /** Opens another step of the station. */
  readonly open: (step: string) => void;
  readonly mark: (state: "done" | "skipped" | "open", reason?: string) => void;
  /** Back to the one that is due, where another was opened. */
  readonly next: (() => void) | undefined;
  /** The steps before and after it, for a thumb that swipes. */
  readonly aside: { readonly back: (() => void) | undefined; readonly on: (() => void) | undefined };
  readonly children: ReactNode;
};

/** One step: what to do, why, what can hurt, what it asks, what speaks against it, and one large button. */
export function StepCard({
  station,
  step,
  number,
  of,
  unbroken,
  stopped,
  refused,
  takeFocus,
  raises,
  open,
  mark,
  next,
  aside,
  children,
}: Props) {
  const { book, firm, prefs, reckoning, today, write, say } = usePane();
  const { whyOpen } = EXPLAINS_FACTS[explainsTo(firm.explains, prefs.who)];
  const held = stepHold(step, station, book, reckoning, { today, nowMs: Date.now() });
  const cautions = cautionsOf(raises, station, hazardsOf(book, reckoning, station));
  const now = book.steps.get(stepKey(station, step.id));
  const bare = step.gloves === "off" && !now && bareAsks(book);
  const [asking, setAsking] = useState<"skip" | "note" | null>(null);
  const button = useRef<HTMLButtonElement>(null);
  const card = useRef<HTMLDivElement>(null);
  useEffect(() => {
    if (!takeFocus.current) return;
    takeFocus.current = false;
    button.current?.focus({ preventScroll: true });
    card.current?.scrollIntoView({ block: "nearest" });
  }, [takeFocus]);
  const swipe = useSwipe(aside);
  useStepKeys({ ...aside, done: now || stopped ? undefined : () => mark("done") });
  const skipping = (asking === "skip" || (refused && held !== null)) && !now;
  return (
    <div ref={card} className="step-card scroll-mt-3 space-y-2" data-step={step.id} {...swipe}>
      <p className="flex flex-wrap justify-between gap-x-4 text-[13px] text-mute">
        <span>
          Step {number} of {of}
        </span>
        <span>
          {[
            minutesText(step.minutes),
            step.timedBelief
              ? `${step.timedBy ? "your own" : "the firm's own"} of ${step.timed} times, ${betweenText(minutesWithin(step.timedBelief))}`
              : "",
            step.people === 2 ? "two people" : "",
            eyesCovered(step) ? "eyes covered" : "",
            step.gloves === "on" ? "gloves on" : step.gloves === "off" ? "bare fingers" : "",
            step.driesHours ? `dries ${step.driesHours} h` : "",
            (step.tools ?? []).map(say).join(", "),
          ]
            .filter(Boolean)
            .join(" · ")}
        </span>
      </p>
      <p className="text-[21px] leading-tight font-bold">
        <Said>{step.does}</Said>
      </p>
      {whyOpen ? (
        <p className="text-[15px]">
          <Said>{step.why}</Said>
        </p>
      ) : (
        <details className="text-[15px]">
          <summary className="cursor-pointer text-[14px] text-mute max-sm:min-h-11">Why</summary>
          <Said>{step.why}</Said>
        </details>
      )}
      {unbroken && !now && <p className="text-[14px] font-medium">{unbroken}</p>}
      {!now && <StepCautions cautions={cautions} />}
      {step.never && <p className="trouble">{say(step.never)}</p>}
      {held && !now && (
        <div className="note-wax flex flex-wrap items-center justify-between gap-2">
          <p role="alert">{say(held.says)}</p>
          {bare && <Bare station={station} step={step} />}
          {held.dries && <ItIsDry {...held.dries} />}
          {held.to &&
            (held.to.station === station ? (
              <button type="button" className="btn btn-small" onClick={() => held.to?.step && open(held.to.step)}>
                Go there
              </button>
            ) : (
              <a
                className="btn btn-small"
                href={`/panes/${book.id}/${held.to.station}${held.to.step ? linkToStep(held.to.step) : ""}`}
              >
                Go to {STATION_NAMES[held.to.station]}
              </a>
            ))}
        </div>
      )}
      {bare && !held && <Bare station={station} step={step} />}
      {children && (
        <div className="space-y-2" data-answers={now ? undefined : ""}>
          {children}
        </div>
      )}
      {now?.state === "skipped" && <p className="text-mute">Left out: {now.reason || "no reason given"}</p>}
      {skipping && (
        <form
          className="flex gap-2"
          onSubmit={(e) => {
            e.preventDefault();
            mark("skipped", String(new FormData(e.currentTarget).get("reason") ?? ""));
            setAsking(null);
          }}
        >
          <input name="reason" aria-label="Why it is left out" placeholder="Why?" required maxLength={200} />
          <button type="submit" className="btn whitespace-nowrap">
            Leave it out
          </button>
        </form>
      )}
      {asking === "note" && (
        <form
          className="flex gap-2"
          onSubmit={(e) => {
            e.preventDefault();
            const text = String(new FormData(e.currentTarget).get("text") ?? "").trim();
            if (text) write("note.written", { station, text: `${step.id.replaceAll("-", " ")}: ${text}` });
            setAsking(null);
          }}
        >
          <input name="text" aria-label={`Note on step ${number}`} placeholder="Note" required maxLength={500} />
          <button type="submit" className="btn">
            Keep
          </button>
        </form>
      )}
      <div className="step-bar">
        <div className="step-acts">
          {now ? (
            <button type="button" className="btn grow" disabled={stopped} onClick={() => mark("open")}>
              {now.state === "skipped" ? "Not left out after all" : "Not done after all"}
            </button>
          ) : (
            <button
              ref={button}
              type="button"
              className="btn btn-main key-enter min-h-14 grow text-[17px] max-sm:basis-[58%]"
              disabled={stopped}
              onClick={() => mark("done")}
            >
              Done
            </button>
          )}
          {!now && (
            <button
              type="button"
              className="btn"
              disabled={stopped}
              onClick={() => setAsking(asking === "skip" ? null : "skip")}
            >
              leave it out
            </button>
          )}
        </div>
        <div className="step-more">
          {next && (
            <button type="button" className="btn" onClick={next}>
              <span>
                <span className="max-sm:hidden">Go to </span>what is due
              </span>
            </button>
          )}
          <button type="button" className="btn" onClick={() => setAsking(asking === "note" ? null : "note")}>
            note
          </button>
          <button
            type="button"
            className="btn sm:hidden"
            onClick={() => readAloud([step.does, step.why, held ? held.says : "", step.never ?? ""].map(say).join(" "))}
          >
            aloud
          </button>
          {!now && <StepTook station={station} step={step} done={false} />}
        </div>
      </div>
      {step.photos && (
        <div className="flex flex-wrap gap-2">
          {step.photos.map((photo) => (
            <PhotoOf key={photo} station={station} of={`${step.id}/${String(photo)}`} caption={say(photo)} />
          ))}
        </div>
      )}
      {now?.state === "done" && <StepTook station={station} step={step} done />}
    </div>
  );
}
