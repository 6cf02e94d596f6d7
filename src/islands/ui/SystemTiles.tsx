import { frameOf, SYSTEMS, type System } from "../../core/frame/systems.ts";
import { SystemDrawing } from "./SystemDrawing.tsx";
import type { Say } from "./say.ts";

type Props = {
  readonly chosen: System | null;
  readonly choose: (to: System) => void;
  readonly say: Say;
};

/** Every way of holding glass, each with its section: tapped by who knows it by sight. */
export const SystemTiles = ({ chosen, choose, say }: Props) => (
  <ul aria-label="How the glass is held" className="grid grid-cols-2 gap-2 sm:grid-cols-4">
    {SYSTEMS.map((s) => (
      <li key={s} className="flex">
        <button
          type="button"
          data-choose={s}
          aria-pressed={s === chosen}
          className="btn w-full flex-col !justify-start gap-1 !px-2 !py-1.5 text-[14px] leading-tight aria-pressed:!border-glass aria-pressed:!bg-tint"
          onClick={() => choose(s)}
        >
          <span className="w-20" aria-hidden="true">
            <SystemDrawing system={s} say={say} />
          </span>
          {say(frameOf(s).name)}
        </button>
      </li>
    ))}
  </ul>
);
