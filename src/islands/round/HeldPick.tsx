import { useState } from "react";
import { frameOf, type System } from "../../core/frame/systems.ts";
import { Sheet } from "../ui/Sheet.tsx";
import { SystemDrawing } from "../ui/SystemDrawing.tsx";
import { SystemTiles } from "../ui/SystemTiles.tsx";
import type { Say } from "../ui/say.ts";

type Props = { readonly held: System | null; readonly hold: (to: System | null) => void; readonly say: Say };

/** How the glass is held, picked by its section; not known is an answer too, and Look asks then. */
export function HeldPick({ held, hold, say }: Props) {
  const [open, setOpen] = useState(false);
  const says = held === null ? "not known yet: Look asks" : say(frameOf(held).name);
  const take = (to: System | null) => {
    hold(to);
    setOpen(false);
  };
  return (
    <div>
      <span className="text-[13px] text-mute" aria-hidden="true">
        How the glass is held
      </span>
      <input type="hidden" name="system" value={held ?? ""} />
      <button
        type="button"
        className="btn w-full justify-start gap-3 text-left"
        aria-haspopup="dialog"
        aria-label={`How the glass is held: ${says}`}
        onClick={() => setOpen(true)}
      >
        {held !== null && (
          <span className="w-14 shrink-0" aria-hidden="true">
            <SystemDrawing system={held} say={say} />
          </span>
        )}
        <span className="flex-1">{says}</span>
        <span aria-hidden="true">▾</span>
      </button>
      {open && (
        <Sheet title="How the glass is held" close={() => setOpen(false)}>
          <button type="button" className="btn w-full" aria-pressed={held === null} onClick={() => take(null)}>
            Not known yet: Look asks
          </button>
          <SystemTiles chosen={held} choose={take} say={say} />
        </Sheet>
      )}
    </div>
  );
}
