import { useState } from "react";
import { LABEL_SHEET_IDS, LABEL_SHEETS, type LabelSheetId } from "../../core/order/label-sheets.ts";
import { Sheet } from "./Sheet.tsx";

/** Labels on the sheet that lies in the printer; `make` says where they are made of what was chosen. */
export function LabelsFor({ make }: { readonly make: (on: string) => string }) {
  const [open, setOpen] = useState(false);
  const [sheet, setSheet] = useState<LabelSheetId>("14");
  const [used, setUsed] = useState(0);
  const layout = LABEL_SHEETS[sheet];
  const most = layout.across * layout.down - 1;
  return (
    <>
      <button type="button" className="btn" onClick={() => setOpen(true)}>
        Labels
      </button>
      {open && (
        <Sheet title="Labels" close={() => setOpen(false)}>
          <div className="space-y-3">
            <fieldset className="space-y-1.5">
              <legend className="text-[13px] text-mute">What lies in the printer</legend>
              {LABEL_SHEET_IDS.map((id) => (
                <label key={id} className="chip w-full">
                  <input type="radio" name="label-sheet" checked={sheet === id} onChange={() => setSheet(id)} />
                  {LABEL_SHEETS[id].name}
                </label>
              ))}
            </fieldset>
            {most > 0 && (
              <label className="block">
                <span className="text-[13px] text-mute">How many of the first sheet are used already</span>
                <input
                  type="number"
                  min={0}
                  max={most}
                  value={used}
                  onChange={(e) => setUsed(Math.min(most, Math.max(0, Math.floor(Number(e.target.value)) || 0)))}
                />
              </label>
            )}
            <a className="btn btn-main w-full" href={make(`sheet=${sheet}&used=${Math.min(used, most)}`)}>
              Make the labels
            </a>
          </div>
        </Sheet>
      )}
    </>
  );
}
