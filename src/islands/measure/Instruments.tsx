import { useEffect, useRef, useState } from "react";
import { v7 as uuidv7 } from "uuid";
import { seeded } from "../../core/chance/seeded.ts";
import { INSTRUMENTS, type InstrumentReading, readingText } from "../../core/measure/instrument.ts";
import { isPlace, type Place } from "../../core/measure/places.ts";
import { simulated } from "../../standins/instruments.ts";
import { usePane } from "../panels/pane-context.ts";

type News =
  | { readonly kind: "reading"; readonly reading: InstrumentReading }
  | { readonly kind: "paired"; readonly here: boolean };
type Props = { readonly asked: Place | null; readonly close: () => void };

/** Listens to instruments, and holds two simulated ones to try it with. A reading goes into the field that has the focus. */
export function Instruments({ asked, close }: Props) {
  const { keep, say } = usePane();
  const [state, setState] = useState<"joining" | "listening" | "lost">("joining");
  const [last, setLast] = useState<string | null>(null);
  const [page] = useState(() => uuidv7());
  const [here, setHere] = useState(true);
  const field = useRef<Place | null>(asked);
  useEffect(() => {
    const onFocus = (e: FocusEvent) => {
      const id = (e.target as HTMLElement).id.replace(/^r-/, "");
      if (isPlace(id)) field.current = id;
    };
    document.addEventListener("focusin", onFocus);
    return () => document.removeEventListener("focusin", onFocus);
  }, []);
  const take = useRef((_: InstrumentReading) => {});
  take.current = (reading) => {
    const place = field.current;
    if (!place) {
      setLast(`${reading.instrument}: ${readingText(reading)}. No field has the focus: tap one, and press again.`);
      return;
    }
    keep(place, readingText(reading));
    setLast(`${reading.instrument}: ${readingText(reading)}`);
    const all = [...document.querySelectorAll<HTMLInputElement>("input[id^='r-']")].filter((f) => f.offsetParent);
    all[all.findIndex((f) => f.id === `r-${place}`) + 1]?.focus();
  };
  useEffect(() => {
    const stream = new EventSource(`/api/instruments/stream?page=${page}`);
    stream.onopen = () => setState("listening");
    stream.onerror = () => setState("lost");
    stream.onmessage = (e: MessageEvent<string>) => {
      const news = JSON.parse(e.data) as News;
      if (news.kind === "reading") take.current(news.reading);
      else setHere(news.here);
    };
    return () => stream.close();
  }, [page]);
  const takeOver = () =>
    void fetch("/api/instruments/pair", {
      method: "POST",
      headers: { "content-type": "application/json" },
      body: JSON.stringify({ page }),
    });
  return (
    <aside
      aria-label="Instruments"
      className="no-print fixed right-3 bottom-24 z-10 w-80 space-y-2 rounded-lg border border-line bg-sheet p-3 shadow-lg"
    >
      <div className="flex items-center justify-between gap-2">
        <h2>Instruments</h2>
        <button type="button" className="btn btn-small" onClick={close}>
          Put away
        </button>
      </div>
      <p className="text-[13px] text-mute" role="status">
        {state === "listening"
          ? "Listening."
          : state === "joining"
            ? "Joining."
            : "No answer: it tries again by itself."}{" "}
        {last ?? say("A reading goes into the field that has the focus, and the next field is ready.")}
      </p>
      {!here && (
        <p className="note-wax space-y-2">
          Readings go to another page now.{" "}
          <button type="button" className="btn btn-small" onClick={takeOver}>
            Use them here
          </button>
        </p>
      )}
      {INSTRUMENTS.map((kind) => (
        <Simulated key={kind} kind={kind} />
      ))}
    </aside>
  );
}

const HELD = { laser: 611.5, caliper: 4 } as const;

/** A stand-in: held to a length, it reads it with its own error, and sends it as a real one would. */
function Simulated({ kind }: { readonly kind: (typeof INSTRUMENTS)[number] }) {
  const [held, setHeld] = useState(String(HELD[kind]));
  const [instrument] = useState(() => simulated(kind, seeded(Date.now())));
  const mm = Number(held.replace(",", "."));
  const fits = held.trim() !== "" && Number.isFinite(mm) && mm >= 0 && mm <= 10_000;
  return (
    <div className="grid grid-cols-[1fr_auto] items-end gap-2">
      <label>
        <span className="text-[13px] text-mute">{instrument.name} held to, mm</span>
        <input
          className={`tight ${fits ? "" : "bad"}`}
          inputMode="decimal"
          maxLength={12}
          value={held}
          onChange={(e) => setHeld(e.target.value)}
        />
      </label>
      <button
        type="button"
        className="btn"
        disabled={!fits}
        onClick={() =>
          void fetch("/api/instruments/reading", {
            method: "POST",
            headers: { "content-type": "application/json" },
            body: JSON.stringify(instrument.read(mm)),
          })
        }
      >
        Press
      </button>
    </div>
  );
}
