import { isUnit } from "../../core/pane/unit.ts";
import { makeupText } from "../../core/specify/makeup.ts";
import { Part } from "../panels/Part.tsx";
import { usePane } from "../panels/pane-context.ts";
import { PhotoOf } from "../photos/PhotoOf.tsx";

/** Whether new glass beside old will show, with a photo of the neighbour, and that the owner was asked. */
export function Matching() {
  const { book, say, write, makeupsHere } = usePane();
  const match = book.match ?? { answer: "not-asked" as const, note: "" };
  return (
    <Part title="Beside its neighbours" more="wavy old glass, tint, spacer, bars">
      {isUnit(book) &&
        makeupsHere.map((m) => (
          <p key={m.pane} className="flex flex-wrap items-center gap-2 text-[14px]">
            <span>
              {m.label}: {say(makeupText(m.makeup))}
            </span>
            <button
              type="button"
              className="btn btn-small"
              onClick={() => write("specify.makeup", { makeup: m.makeup })}
            >
              Take the same
            </button>
          </p>
        ))}
      <div className="flex flex-wrap items-center gap-2">
        <PhotoOf station="specify" of="neighbour" caption="the neighbour, to match" />
        {(["matches", "will-show", "not-asked"] as const).map((answer) => (
          <label key={answer} className="chip">
            <input
              type="radio"
              name="match"
              checked={match.answer === answer}
              onChange={() => write("specify.match", { ...match, answer })}
            />
            {answer === "matches"
              ? "it matches"
              : answer === "will-show"
                ? "it will show, and they know"
                : "not asked yet"}
          </label>
        ))}
      </div>
      <label className="block">
        <span className="text-[13px] text-mute">What differs, and who was asked</span>
        <input
          key={match.note}
          maxLength={200}
          defaultValue={match.note}
          onBlur={(e) => e.target.value !== match.note && write("specify.match", { ...match, note: e.target.value })}
        />
      </label>
    </Part>
  );
}
