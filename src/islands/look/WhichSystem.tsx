import { useState } from "react";
import { DETAILS, type Detail } from "../../core/frame/detail.ts";
import type { Holds } from "../../core/frame/frame.ts";
import { frameOf, type System } from "../../core/frame/systems.ts";
import { detailOf } from "../../core/frame/told-detail.ts";
import {
  directionsOf,
  type NodeId,
  outOfReach,
  SYSTEM_TREE,
  type SystemEnd,
  sidesOf,
  type Ways,
} from "../../core/frame/which-system.ts";
import type { Template } from "../../core/text/template.ts";
import { Part } from "../panels/Part.tsx";
import { usePane } from "../panels/pane-context.ts";
import { useStage } from "../stage/stage-context.ts";
import { SystemDrawing } from "../ui/SystemDrawing.tsx";
import { SystemTiles } from "../ui/SystemTiles.tsx";
import { LeftToSay } from "./LeftToSay.tsx";

/** How the glass is held: chosen from a list by who knows, or found by questions. It drives every later station. */
export function WhichSystem() {
  const { book, say, write } = usePane();
  const { openTab } = useStage();
  const [at, setAt] = useState<NodeId | null>(null);
  const [choosing, setChoosing] = useState(false);
  const { system, side } = book.added;
  const end = (to: SystemEnd) => {
    write("pane.corrected", { system: to.system, ...(to.side ? { side: to.side } : {}) });
    write("look.opens", { opens: to.opens });
    if (to.detail) write("takeout.detail", to.detail);
    setAt(null);
    setChoosing(false);
    openTab("frame");
  };
  /** From the list: the side goes along where it can be one only. */
  const hold = (to: System) => {
    const [only, ...rest] = sidesOf(to);
    write("pane.corrected", { system: to, ...(only && rest.length === 0 && only !== side ? { side: only } : {}) });
    setChoosing(false);
    openTab("frame");
  };
  const detail = detailOf(system, book.before.detail);
  const ways = directionsOf(system, side, detail.bond !== "gasket");
  const reachSaid = book.before.detail.reach !== undefined;
  const blocked = outOfReach(ways, detail.reach);
  const isNamed = book.added.unsaid !== true;
  const holds = frameOf(system).holds(detail);
  const takenApart = LETS_GO[holds] === null;
  const upstairs =
    !takenApart && (book.building.storey ?? 0) > 0 && (ways.beads === "outside" || ways.cut === "outside");
  return (
    <Part title="How the glass is held">
      {isNamed && !choosing && (
        <div className="grid grid-cols-[140px_1fr] gap-3 max-sm:grid-cols-[110px_1fr]">
          <SystemDrawing system={system} side={side} holds={holds} say={say} />
          <div className="space-y-2">
            <p className="text-[17px] font-medium" data-system={system}>
              {say(frameOf(system).name)}
            </p>
            {book.sideSaid && sidesOf(system).length > 0 && (
              <Choose
                name="opens from"
                of={{ inside: "inside", outside: "outside" }}
                value={side}
                choose={(to) => write("pane.corrected", { side: to })}
              />
            )}
            <Choose
              name={
                reachSaid ? "can be reached" : `can be reached: ${DETAILS.reach.of[detail.reach]} taken, nobody said`
              }
              of={DETAILS.reach.of as Readonly<Record<Detail["reach"], string>>}
              value={reachSaid ? detail.reach : null}
              choose={(reach) => write("takeout.detail", { reach })}
            />
          </div>
        </div>
      )}
      {!at && (
        <p className="flex flex-wrap gap-2">
          {isNamed && (
            <button
              type="button"
              className="btn btn-small"
              aria-expanded={choosing}
              onClick={() => setChoosing(!choosing)}
            >
              {choosing ? "Leave it as it is" : "It is another"}
            </button>
          )}
          <button type="button" className="btn btn-small" onClick={() => setAt("made-of")}>
            Not sure? Find out by questions
          </button>
        </p>
      )}
      {!at && (choosing || !isNamed) && <SystemTiles chosen={isNamed ? system : null} choose={hold} say={say} />}
      {/* On the desk's stage the tab stays, where it would else go back to what it was about. */}
      <LeftToSay then={() => openTab("frame")} />
      {!isNamed && !at && (
        <p className="note-wax">
          Nobody said yet how the glass is held. What it is measured from, its steps, what it is set in: all go by it.
        </p>
      )}
      {at && <Question at={at} go={setAt} end={end} close={() => setAt(null)} />}
      {book.before.opens === false ? (
        <div className="note-wax">
          <p className="font-medium">
            This sash lets nothing out: no seam on either side, and no screws at its corners.
          </p>
          <p>Glass alone cannot be changed: a new sash will do.</p>
          <p className="mt-1 flex flex-wrap gap-2">
            <button type="button" className="btn btn-small" onClick={() => openTab("options")}>
              What can be done
            </button>
            <button type="button" className="btn btn-small" onClick={() => write("look.opens", { opens: true })}>
              It can be opened after all
            </button>
          </p>
        </div>
      ) : !book.heldSaid ? null : (
        <p className="text-[13px] text-mute">
          {say(goesSentence(holds, ways))}
          {upstairs && <span className="trouble"> Upstairs: that face wants a tower, or the sash on a bench.</span>}
          {blocked.length > 0 && (
            <span className="trouble">
              {" "}
              The {blocked[0] === "inside" ? "room side" : "outside"} cannot be reached: the sash goes to a bench, or
              the way to it is made first.
            </span>
          )}
        </p>
      )}
    </Part>
  );
}

type ChooseProps<T extends string> = {
  readonly name: string;
  readonly of: Readonly<Record<T, string>>;
  /** Null while nobody said. */
  readonly value: T | null;
  readonly choose: (to: T) => void;
};

/** One of a few, tapped. */
function Choose<T extends string>({ name, of, value, choose }: ChooseProps<T>) {
  return (
    <fieldset>
      <legend className="text-[13px] text-mute">{name}</legend>
      <div className="flex flex-wrap gap-1.5">
        {(Object.entries(of) as [T, string][]).map(([to, says]) => (
          <label key={to} className="chip">
            <input type="radio" name={name} checked={to === value} onChange={() => choose(to)} />
            {says}
          </label>
        ))}
      </div>
    </fieldset>
  );
}

/** How each way of holding lets go: what comes off and from where, and which way the glass leaves. */
const LETS_GO: Readonly<Record<Holds, Template | null>> = {
  putty: "{Putty} off",
  beads: "{Beads} off",
  mouldings: "Mouldings off",
  halves: "The screwed half off",
  "screwed-sash": null,
};

function goesSentence(holds: Holds, { beads, cut, leaves }: Ways): Template {
  const off = LETS_GO[holds];
  return off === null
    ? "The sash comes apart at its corners, on the bench: which side it is worked from makes no difference."
    : `${off} from ${beads}${cut ? `, bond cut from ${cut}` : ""}, glass leaves to the ${leaves}.`;
}

type QuestionProps = {
  readonly at: NodeId;
  readonly go: (to: NodeId) => void;
  readonly end: (to: SystemEnd) => void;
  readonly close: () => void;
};

function Question({ at, go, end, close }: QuestionProps) {
  const { say } = usePane();
  const node = SYSTEM_TREE[at];
  return (
    <fieldset className="note-glass">
      <legend className="sr-only">{say(node.asks)}</legend>
      <p className="text-[17px] font-medium" aria-live="polite">
        {say(node.asks)}
      </p>
      <p className="text-[13px] text-mute">{say(node.how)}</p>
      <ul className="grid gap-2 pt-2">
        {node.answers.map((a) => (
          <li key={a.says}>
            <button
              type="button"
              className="btn w-full justify-start gap-3 !py-1"
              onClick={() => (typeof a.to === "string" ? go(a.to) : end(a.to))}
            >
              {typeof a.to !== "string" && (
                <span className="w-24 shrink-0" aria-hidden="true">
                  <SystemDrawing
                    say={say}
                    system={a.to.system}
                    {...(a.to.side ? { side: a.to.side } : {})}
                    holds={frameOf(a.to.system).holds(detailOf(a.to.system, a.to.detail ?? {}))}
                  />
                </span>
              )}
              <span className="text-left">{say(a.says)}</span>
            </button>
          </li>
        ))}
      </ul>
      <button type="button" className="pt-2 text-[13px] underline" onClick={close}>
        Leave it as it is
      </button>
    </fieldset>
  );
}
