import { facingFacts } from "../../core/pane/facing.ts";
import { FACING_FACTS, facingSigns } from "../../core/set/facing.ts";
import { usePane } from "../panels/pane-context.ts";
import { PhotoOf } from "../photos/PhotoOf.tsx";

/** Which sign says what goes in and what goes up: chosen, seen, and kept with a photo. */
export function Facing() {
  const { book, reckoning: r, say, write } = usePane();
  const facts = facingFacts(book, r);
  const signs = facingSigns(facts);
  const now = book.facing;
  return (
    <fieldset className="space-y-2">
      <legend className="text-[13px] text-mute">By which sign</legend>
      <div className="flex flex-wrap gap-1.5">
        {signs.map((s) => (
          <label key={s} className="chip">
            <input
              type="radio"
              name="facing"
              checked={now?.sign === s}
              onChange={() => write("set.facing", { sign: s, seen: now?.sign === s ? now.seen : "" })}
            />
            {FACING_FACTS[s].name}
          </label>
        ))}
      </div>
      {now && (
        <>
          <p className="text-[13px]">{say(FACING_FACTS[now.sign].look(facts))}</p>
          {book.marks && now.sign === "own-mark" && (
            <p className="text-[13px]">
              Inside face: {book.marks.insideFace || "not marked"}. Top edge: {book.marks.topEdge || "not marked"}.
            </p>
          )}
          <div className="space-y-2">
            <label className="block">
              <span className="text-[13px] text-mute">What is seen, and where</span>
              <input
                key={`${now.sign} ${now.seen}`}
                maxLength={200}
                defaultValue={now.seen}
                onBlur={(e) => e.target.value !== now.seen && write("set.facing", { ...now, seen: e.target.value })}
              />
            </label>
            <PhotoOf station="set" of="facing" caption="the sign" />
          </div>
        </>
      )}
    </fieldset>
  );
}
