import { DETAILS } from "../../core/frame/detail.ts";
import { isPlastic } from "../../core/frame/held.ts";
import { detailOf } from "../../core/frame/told-detail.ts";
import { BEAD_PROUD } from "../../core/measure/places.ts";
import { stepFacts } from "../../core/pane/step-facts.ts";
import { proudSays } from "../../core/set/proud.ts";
import type { Step } from "../../core/steps/step.ts";
import { toMm } from "../../core/units/length.ts";
import { Fold } from "../panels/Fold.tsx";
import { usePane } from "../panels/pane-context.ts";
import { ReadingField, ReadingTrouble } from "../panels/ReadingField.tsx";
import { Ticks } from "../steps/Ticks.tsx";
import type { Say } from "../ui/say.ts";

/** Whether each bead is truly home: ticked, read where it stands proud, with what brings it down; flexed first where old. */
export function Seated({ step }: { readonly step: Step }) {
  const { book, reckoning: r, say } = usePane();
  const plastic = isPlastic(stepFacts(book, r));
  const proud = BEAD_PROUD.flatMap((p) => {
    const read = r.readings[p];
    const says = read === undefined ? null : proudSays(toMm(read));
    return says ? [{ side: p.replace("proud-", ""), says }] : [];
  });
  return (
    <div className="space-y-2">
      {plastic && <Flexed />}
      <p className="text-[13px] text-mute">Home, its lip inside the frame</p>
      <Ticks station="set" step={step} />
      <Fold as="small" title="Stands one proud?">
        <div className="grid grid-cols-4 gap-2">
          {BEAD_PROUD.map((p) => (
            <ReadingField key={p} place={p} label={p.replace("proud-", "")} />
          ))}
        </div>
        <ReadingTrouble places={BEAD_PROUD} />
        {proud.map((p) => (
          <p key={p.side} className="note-wax">
            <span className="font-medium">{p.side}:</span> {say(p.says)}
          </p>
        ))}
        {plastic && <LipPicture say={say} />}
      </Fold>
    </div>
  );
}

function Flexed() {
  const { book, write } = usePane();
  const now = detailOf(book.added.system, book.before.detail).flex;
  const answers = Object.entries(DETAILS.flex.of) as [keyof typeof DETAILS.flex.of, string][];
  return (
    <div className="space-y-1">
      <fieldset className="flex flex-wrap items-center gap-1.5">
        <legend className="text-[13px] text-mute">Flex a spare, or the loose end of one, by hand first: it</legend>
        {answers.map(([flex, says]) => (
          <label key={flex} className="chip">
            <input type="radio" name="flex" checked={now === flex} onChange={() => write("takeout.detail", { flex })} />
            {flex === "untried" ? "is not tried yet" : says}
          </label>
        ))}
      </fieldset>
      {now === "brittle" && (
        <p className="note-wax">
          Warm it in water or the hand, work along it, do not bend it into place; have a spare by you.
        </p>
      )}
    </div>
  );
}

const LIPS = [
  { says: "right: inside the edge", path: "M60 22H86V34H78V48H68V34H64V40H60z" },
  { says: "wrong: outside, and proud", path: "M52 15H86V27H78V48H68V27H58V22H52z" },
] as const;

/** A lip inside the frame's edge, and one outside it: the second stands proud by its own thickness. */
const LipPicture = ({ say }: { readonly say: Say }) => (
  <div className="grid grid-cols-2 gap-2">
    {LIPS.map(({ says, path }) => (
      <figure key={says} className="space-y-1">
        <svg viewBox="0 0 120 64" className="w-full bg-sheet" role="img" aria-label={say(`Lip of a {bead}, ${says}`)}>
          <path d="M6 22H60V58H6z" className="d-frame" />
          <path d="M88 6H100V58H88z" className="d-pane" />
          <path d={path} className="d-packer" />
          <path d="M6 22H110" className="d-line" strokeDasharray="4 3" fill="none" />
        </svg>
        <figcaption className="text-[13px] text-mute">{says}</figcaption>
      </figure>
    ))}
  </div>
);
