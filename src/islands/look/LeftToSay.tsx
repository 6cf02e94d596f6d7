import { DETAILS } from "../../core/frame/detail.ts";
import { leftToSay } from "../../core/frame/told-detail.ts";
import type { Template } from "../../core/text/template.ts";
import { usePane } from "../panels/pane-context.ts";

type Props = {
  /** After an answer, where more than the answer moves: on the desk's stage. Left out, whoever answers stays where they are. */
  readonly then?: () => void;
};

/** What the frame that was named leaves open, and nothing follows before it is said. Nothing of a frame nobody named. */
export function LeftToSay({ then }: Props) {
  const { book, write } = usePane();
  if (book.added.unsaid) return null;
  return (
    <>
      {!book.sideSaid && (
        <WhichOfThese
          asks="The {pane} goes in from"
          of={{ outside: "outside", inside: "inside" }}
          why="Look where its seam or its slope is: what comes off first goes by it."
          tell={(side) => {
            write("pane.corrected", { side: side === "inside" ? "inside" : "outside" });
            then?.();
          }}
        />
      )}
      {leftToSay(book.added.system, book.before.detail).map((name) => (
        <WhichOfThese
          key={name}
          asks={DETAILS[name].name}
          of={DETAILS[name].of}
          why="Its steps and what it is set in go by it."
          tell={(value) => {
            write("takeout.detail", { [name]: value });
            then?.();
          }}
        />
      ))}
    </>
  );
}

type Question = {
  readonly asks: Template;
  readonly of: Readonly<Record<string, string>>;
  readonly why: string;
  readonly tell: (answer: string) => void;
};

/** One thing the frame leaves open, said by a tap. */
function WhichOfThese({ asks, of, why, tell }: Question) {
  const { say } = usePane();
  return (
    <fieldset className="note-wax">
      <legend className="sr-only">{say(asks)}</legend>
      <p className="pb-2 font-medium">
        {say(asks)}: which of these? {why}
      </p>
      <div className="flex flex-wrap gap-2">
        {Object.entries(of).map(([value, says]) => (
          <button key={value} type="button" className="btn" onClick={() => tell(value)}>
            {say(says)}
          </button>
        ))}
      </div>
    </fieldset>
  );
}
