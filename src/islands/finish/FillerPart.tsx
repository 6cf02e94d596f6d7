import { useState } from "react";
import { FILLER_WORDS, fillerFor } from "../../core/finish/filler.ts";
import { isTimber } from "../../core/frame/held.ts";
import { readyFacts } from "../../core/pane/step-facts.ts";
import { Fold } from "../panels/Fold.tsx";
import { usePane } from "../panels/pane-context.ts";
import { MmField } from "../ui/MmField.tsx";

const FIELDS = [
  ["wideMm", "wide"],
  ["longMm", "long"],
  ["deepMm", "deep"],
] as const;
type Gap = Partial<Record<(typeof FIELDS)[number][0], number>>;

/** What fills timber that came away: by the gap, with how much, and whether it sands and holds. */
export function FillerPart() {
  const { book, reckoning: r, prefs, say } = usePane();
  const [gap, setGap] = useState<Gap>({});
  if (!isTimber(readyFacts(book, r))) return null;
  const { wideMm, longMm, deepMm } = gap;
  const found = wideMm && longMm && deepMm ? fillerFor({ wideMm, longMm, deepMm }) : null;
  return (
    <Fold title="A gap to fill" more="with what, and how much">
      <div className="grid grid-cols-3 gap-2">
        {FIELDS.map(([key, name]) => (
          <MmField
            key={key}
            name={name}
            unit={prefs.unit}
            label={`gap, ${name}`}
            most={3000}
            change={(to) => setGap({ ...gap, [key]: to ?? undefined })}
          />
        ))}
      </div>
      {found && (
        <p className="note-glass" aria-live="polite">
          {FILLER_WORDS[found.with]}{" "}
          {found.ml > 0 && <span className="font-medium">{say(`About ${Math.ceil(found.ml)} ml.`)}</span>}{" "}
          {found.sandsAfterHours !== null &&
            `Sand it after about ${found.sandsAfterHours} h, and look first whether it has moved; the label wins.`}
        </p>
      )}
    </Fold>
  );
}
