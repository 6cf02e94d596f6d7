import { Cautions } from "../parts/Cautions.tsx";
import { Part } from "../parts/Part.tsx";
import { usePane } from "../parts/pane-context.ts";
import { Steps } from "../parts/Steps.tsx";

/** The steps of taking out, with the marks and the count that later stations ask for. */
export function TakeOut() {
  const { book } = usePane();
  return (
    <div className="space-y-5">
      <Cautions station="takeout" />
      <Part title="Take it out" more="measuring first also works: through the glass it is a guess">
        <Steps station="takeout" asks={{ marks: <Marks />, sprigs: <Sprigs /> }} />
        {book.added.system !== "timber-putty" && <Marks />}
      </Part>
    </div>
  );
}

function Marks() {
  const { book, write } = usePane();
  const now = book.marks ?? { insideFace: "", topEdge: "" };
  const field = (name: "insideFace" | "topEdge", label: string, example: string) => (
    <label>
      <span className="text-[13px] text-mute">{label}</span>
      <input
        defaultValue={now[name]}
        key={now[name]}
        maxLength={200}
        placeholder={example}
        onBlur={(e) => {
          if (e.target.value !== now[name]) write("takeout.marks", { ...now, [name]: e.target.value });
        }}
      />
    </label>
  );
  return (
    <div className="grid grid-cols-2 gap-2">
      {field("insideFace", "Inside face marked with", "wax cross")}
      {field("topEdge", "Top edge marked with", "arrow")}
    </div>
  );
}

function Sprigs() {
  const { book, write, say } = usePane();
  return (
    <label className="block max-w-40">
      <span className="text-[13px] text-mute">{say("{Sprigs} found")}</span>
      <input
        type="number"
        min={0}
        max={500}
        className="tight"
        defaultValue={book.sprigsFound ?? ""}
        key={book.sprigsFound}
        onBlur={(e) => {
          const found = Math.round(e.target.valueAsNumber);
          if (Number.isFinite(found) && found >= 0 && found <= 500 && found !== book.sprigsFound)
            write("takeout.sprigs", { found });
        }}
      />
    </label>
  );
}
