import { useState } from "react";
import {
  FATE_NAMES,
  footprintOf,
  footprintSays,
  HARDWARE,
  HARDWARE_FATES,
  HARDWARE_NAMES,
  type Plate,
} from "../../core/ready/hardware.ts";
import { Fold } from "../panels/Fold.tsx";
import { usePane } from "../panels/pane-context.ts";
import { MmField } from "../ui/MmField.tsx";
import { PickOne } from "../ui/PickOne.tsx";

/** Metalwork that goes back: what is stripped, what is new, and whether a new one lies on the old one's mark. */
export function HardwareBack() {
  const { book, write } = usePane();
  const { hardware } = book.before;
  const said = HARDWARE.filter((h) => hardware[h]);
  return (
    <Fold
      title="Hardware that goes back"
      more={said.length > 0 ? said.map((h) => HARDWARE_NAMES[h]).join(", ") : "hinges, handle, keeps"}
    >
      <div className="grid grid-cols-2 gap-2">
        {HARDWARE.map((h) => (
          <PickOne
            key={h}
            name={HARDWARE_NAMES[h]}
            of={HARDWARE_FATES.map((f) => [f, FATE_NAMES[f]] as const)}
            value={hardware[h] ?? null}
            unsaid="not here"
            change={(fate) => write("ready.hardware", { what: h, fate })}
          />
        ))}
      </div>
      {said.some((h) => hardware[h] === "new") && <PlateCompare />}
    </Fold>
  );
}

const FIELDS = [
  ["width", "wide"],
  ["height", "high"],
  ["holes", "hole to hole"],
] as const;

/** Held against each other before it is bought. */
function PlateCompare() {
  const { prefs, say } = usePane();
  const [old, setOld] = useState<Partial<Plate>>({});
  const [now, setNow] = useState<Partial<Plate>>({});
  const whole = (p: Partial<Plate>): p is Plate => FIELDS.every(([k]) => (p[k] ?? 0) > 0);
  const row = (name: string, p: Partial<Plate>, set: (to: Partial<Plate>) => void) => (
    <div className="grid grid-cols-[4rem_1fr_1fr_1fr] items-end gap-2">
      <span className="pb-2.5">{name}</span>
      {FIELDS.map(([key, label]) => (
        <MmField
          key={key}
          name={label}
          unit={prefs.unit}
          label={`${name} plate, ${label}`}
          change={(to) => set({ ...p, [key]: to ?? undefined })}
        />
      ))}
    </div>
  );
  return (
    <div className="space-y-1">
      <p className="text-[13px] text-mute">The old plate's mark against the new one, before you buy it.</p>
      {row("old", old, setOld)}
      {row("new", now, setNow)}
      {whole(old) && whole(now) && (
        <ul className="note-glass" aria-live="polite">
          {footprintSays(footprintOf(old, now)).map((s) => (
            <li key={s}>{say(s)}</li>
          ))}
        </ul>
      )}
    </div>
  );
}
