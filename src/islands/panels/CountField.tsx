import { COUNTED_NAMES, type Counted } from "../../core/takeout/counts.ts";
import { usePane } from "./pane-context.ts";

type Props = { readonly what: Counted; readonly way: "out" | "back" };

/** How many came out, or went back. */
export function CountField({ what, way }: Props) {
  const { book, say, write } = usePane();
  const now = book.before.counts[what]?.[way] ?? null;
  const out = book.before.counts[what]?.out ?? null;
  return (
    <div className="flex flex-wrap items-end gap-3">
      <label className="block w-36">
        <span className="text-[13px] text-mute">
          {say(COUNTED_NAMES[what])} {way}
        </span>
        <input
          type="number"
          inputMode="numeric"
          min={0}
          max={999}
          className="tight"
          key={now}
          defaultValue={now ?? ""}
          onBlur={(e) => {
            const count = Math.round(e.target.valueAsNumber);
            if (Number.isFinite(count) && count >= 0 && count <= 999 && count !== now)
              write("takeout.counted", { what, way, count });
          }}
        />
      </label>
      {way === "back" && out !== null && (
        <p className={now !== null && now < out ? "trouble" : "text-[13px] text-mute"}>
          {now !== null && now < out ? `${out - now} of ${out} missing` : `${out} came out`}
        </p>
      )}
    </div>
  );
}
