import { EXAM_FACTS } from "../../core/look/exam.ts";
import { readMarks } from "../../core/look/marks.ts";
import { writeDay } from "../../core/units/day.ts";
import { usePane } from "../panels/pane-context.ts";
import { PhotoOf } from "../photos/PhotoOf.tsx";

/** What the marks on the glass say, and a photo of them: kind of glass, age, and the face they name. */
export function MarksSay() {
  const { book, say, today, write } = usePane();
  const thisYear = Number(writeDay(today).slice(0, 4));
  const read = readMarks(book.found?.marks ?? "", book.found?.spacerDate ?? "", thisYear);
  const { exam } = book.before;
  const says = [
    read.stamp && say(EXAM_FACTS.stamp.answers[read.stamp]),
    read.sealed && say("a {unit}"),
    read.year !== null && `made ${read.year}, ${thisYear - read.year} years old`,
    read.face && `the label names the ${read.face === "inside" ? "room" : "outer"} face`,
  ].filter(Boolean);
  return (
    <div className="flex flex-wrap items-center gap-2">
      <PhotoOf station="measure" of="marks" caption="marks and date" />
      {says.length > 0 && <p className="basis-full text-[13px]">The marks say: {says.join("; ")}.</p>}
      {read.stamp && exam.stamp !== read.stamp && (
        <button
          type="button"
          className="btn btn-small"
          onClick={() => write("look.answer", { question: "stamp", answer: read.stamp })}
        >
          Keep {say(EXAM_FACTS.stamp.answers[read.stamp])}: asked for on the new one
        </button>
      )}
      {read.sealed && exam.kind === undefined && (
        <button
          type="button"
          className="btn btn-small"
          onClick={() => write("look.answer", { question: "kind", answer: "sealed" })}
        >
          Keep {say("{unit}")}
        </button>
      )}
    </div>
  );
}
