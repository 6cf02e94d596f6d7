import { CAUSE_WORDS, DAMAGE_WORDS, isForLooks } from "../../core/look/damage.ts";
import { examVerdict } from "../../core/look/exam.ts";
import { capital } from "../../core/text/capital.ts";
import { BOARD_BOX, boardOf, boxPath } from "../../drawing/board.ts";
import { damageOn } from "../../drawing/damage.ts";
import { Alike } from "../panels/Alike.tsx";
import { OneOrUnit } from "../panels/OneOrUnit.tsx";
import { Part } from "../panels/Part.tsx";
import { usePane } from "../panels/pane-context.ts";
import { photosTab } from "../stage/photos-tab.tsx";
import { Stage } from "../stage/Stage.tsx";
import { AnotherLikeIt } from "./AnotherLikeIt.tsx";
import { Building } from "./Building.tsx";
import { Condition } from "./Condition.tsx";
import { CustomerPart } from "./CustomerPart.tsx";
import { Options } from "./Options.tsx";
import { EarlierRepair, LeadTest, Special, Wants } from "./Surroundings.tsx";
import { WhichSystem } from "./WhichSystem.tsx";

/** What it comes to, and what can be done about it as one table; behind tabs the frame, the building and the customer. */
export function LookStage() {
  const { book } = usePane();
  return (
    <Stage
      about={book.heldSaid || book.damage.length === 0 ? undefined : "frame"}
      tabs={[
        {
          id: "options",
          name: "What can be done",
          content: (
            <div className="space-y-4">
              <Verdict />
              <Options />
            </div>
          ),
        },
        {
          id: "frame",
          name: "The frame",
          more: book.added.unsaid ? "not said yet" : book.heldSaid ? undefined : "one thing to say",
          content: (
            <div className="max-w-2xl space-y-5">
              <WhichSystem />
              <OneOrUnit as="question" />
              <Condition />
              <EarlierRepair />
            </div>
          ),
        },
        {
          id: "building",
          name: "The building",
          content: (
            <div className="max-w-2xl space-y-5">
              <Part title="The building">
                <Building />
                <LeadTest />
              </Part>
              <Special />
            </div>
          ),
        },
        {
          id: "customer",
          name: "The customer",
          content: (
            <div className="max-w-2xl space-y-5">
              <CustomerPart />
              <Wants />
            </div>
          ),
        },
        {
          id: "alike",
          name: "Another like it",
          content: (
            <div className="space-y-5">
              <Alike />
              <AnotherLikeIt />
            </div>
          ),
        },
        photosTab("look", book),
      ]}
    />
  );
}

const PICTURE = boardOf({ widthMm: 600, heightMm: 800, joints: {} });

/** What is wrong, in a sentence, with its picture. */
function Verdict() {
  const { book, say } = usePane();
  const { says, again, glassSound } = examVerdict(book.before.exam);
  const { damage, cause } = book;
  const first = says[0] ?? (damage.length > 0 ? damage.map((d) => DAMAGE_WORDS[d]).join(", ") : null);
  if (first === null)
    return <p className="text-mute">Say what is wrong, at the side: what can be done follows from it.</p>;
  return (
    <div className="flex items-start gap-4" aria-live="polite">
      <svg
        viewBox={`140 46 ${BOARD_BOX.width - 280} ${BOARD_BOX.height - 92}`}
        className="w-16 shrink-0"
        aria-hidden="true"
      >
        <path d={PICTURE.frame} fillRule="evenodd" className="d-frame" />
        <path d={boxPath(PICTURE.sight)} className="d-pane" />
        {damageOn(PICTURE.sight, damage).map((d) => (
          <path key={d.d} d={d.d} className={d.ink} />
        ))}
      </svg>
      <div>
        <h2 className="!text-[22px]">{capital(say(first.endsWith(".") ? first : `${first}.`))}</h2>
        {says.slice(1).map((s) => (
          <p key={s}>{say(s)}</p>
        ))}
        {again.length > 0 && (
          <div className={glassSound ? "note-glass mt-2" : "note-wax mt-2"}>
            <p className="text-[13px] font-semibold">The new one fails the same way unless:</p>
            <ul className="list-disc pl-5">
              {again.map((s) => (
                <li key={s}>{say(s)}</li>
              ))}
            </ul>
          </div>
        )}
        {cause && (
          <p>
            {isForLooks(damage) ? "" : `${capital(say(CAUSE_WORDS[cause].name))}. `}
            <strong className="font-semibold">{say(CAUSE_WORDS[cause].prevent)}</strong>
          </p>
        )}
      </div>
    </div>
  );
}
