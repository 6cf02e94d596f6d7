import { type Found, HELD, HINGES, NOTHING_FOUND } from "../../core/measure/found.ts";
import { HANG, type Place } from "../../core/measure/places.ts";
import { hingeWords } from "../../core/words/found.ts";
import { PLACE_NAMES } from "../../core/words/places.ts";
import { usePane } from "../panels/pane-context.ts";
import { ReadingField, ReadingTrouble } from "../panels/ReadingField.tsx";
import { PickOne } from "../ui/PickOne.tsx";
import { Dropped } from "./Dropped.tsx";
import { MarksSay } from "./MarksSay.tsx";

/** What is printed on it, how it hangs, and how far it has dropped. */
export function HangForm({ ask }: { readonly ask: (place: Place) => void }) {
  const { book, say, write } = usePane();
  const found = book.found ?? NOTHING_FOUND;
  const change = (to: Partial<Found>) => write("measure.found", { ...found, ...to });
  const text = (key: "marks" | "spacerDate", name: string, how: string) => (
    <label>
      <span className="text-[13px] text-mute">{name}</span>
      <input
        key={found[key]}
        maxLength={200}
        placeholder={how}
        defaultValue={found[key]}
        onBlur={(e) => e.target.value !== found[key] && change({ [key]: e.target.value })}
      />
    </label>
  );
  return (
    <section className="grid grid-cols-[1fr_96px] gap-3">
      <div className="space-y-2">
        <p className="text-[13px]">
          Which edge it hangs on, shut and seen from the side the {say("{pane}")} goes in; then the gap above it at both
          ends.
        </p>
        <div className="grid grid-cols-2 gap-2">
          {text("marks", "Marks on the glass", "as printed in the corner")}
          {text("spacerDate", "Date in the spacer", "as stamped")}
          <PickOne
            name="Hangs"
            of={HINGES.map((h) => [h, hingeWords(h)] as const)}
            value={found.hinge}
            change={(hinge) => change({ hinge })}
          />
          <PickOne
            name="held by"
            of={HELD.map((h) => [h, h.replace("-", " ")] as const)}
            value={found.held}
            change={(held) => change({ held })}
          />
          {HANG.map((p) => (
            <ReadingField key={p} place={p} label={say(PLACE_NAMES[p])} onFocus={ask} />
          ))}
        </div>
        <MarksSay />
        <ReadingTrouble places={HANG} />
        <Dropped />
      </div>
      <HangDrawing hinge={found.hinge} />
    </section>
  );
}

/** Where the sash's free edge swings to: the strokes meet at the middle of the edge it hangs on. */
function HangDrawing({ hinge }: { readonly hinge: Found["hinge"] }) {
  const at: Partial<Record<Found["hinge"], string>> = {
    left: "M80 14L16 60L80 106",
    right: "M16 14L80 60L16 106",
    top: "M16 106L48 14L80 106",
    bottom: "M16 14L48 106L80 14",
    slides: "M24 60H72M64 52L72 60L64 68M32 52L24 60L32 68",
  };
  return (
    <svg
      viewBox="0 0 96 120"
      className="self-start bg-sheet"
      role="img"
      aria-label={`Sash, hangs: ${hingeWords(hinge)}`}
    >
      <path d="M8 6H88V114H8z" className="d-frame" />
      <path d="M16 14H80V106H16z" className="d-pane" />
      {at[hinge] && <path d={at[hinge]} className="d-line" strokeDasharray="5 4" fill="none" />}
      <path d="M18 10H26M70 10H78" className="d-asked" />
    </svg>
  );
}
