import { useState } from "react";
import type { Worked } from "../../core/frame/frame.ts";
import { frameOf } from "../../core/frame/systems.ts";
import type { Side } from "../../core/geometry/quad.ts";
import {
  FAULT_FACTS,
  MEMBER_FACTS,
  MEMBER_FAULTS,
  MEMBER_STATES,
  type MemberFault,
  type MemberState,
  mendingOf,
} from "../../core/look/condition.ts";
import { boxPath } from "../../drawing/board.ts";
import { Fold } from "../panels/Fold.tsx";
import { usePane } from "../panels/pane-context.ts";
import { PhotoOf } from "../photos/PhotoOf.tsx";
import { Board } from "../stage/Board.tsx";
import { SideWord } from "../stage/SideWord.tsx";

/** Water runs down: the foot is looked at first, and the head last. */
const IN_TURN: readonly Side[] = ["bottom", "left", "right", "top"];

const LOOKED_FOR: Readonly<Record<Worked, string>> = {
  timber: "rot, joints, corners",
  plastic: "cracks, corners, screws",
  metal: "rust, bends, corners",
  "loose-frame": "corners, clips, mesh",
};

const INK: Readonly<Record<MemberState, string>> = { sound: "d-done", mend: "d-due", "not-worth": "d-due" };

/** Whether sash and frame deserve new glass: each member is tapped on the sash; what is wrong, and what mending takes. */
export function Condition() {
  const { book, say, write } = usePane();
  const { members } = book.before;
  const said = Object.values(members);
  const [at, setAt] = useState<Side>(IN_TURN.find((s) => !members[s]) ?? "bottom");
  const mending = mendingOf(said);
  return (
    <Fold
      title="Sash and frame, member by member"
      more={
        said.length === 0
          ? LOOKED_FOR[frameOf(book.added.system).worked]
          : said.map((m) => MEMBER_FACTS[m.state].name).join(", ")
      }
    >
      <div className="grid items-start gap-3 sm:grid-cols-[minmax(0,3fr)_minmax(0,2fr)]">
        <Board
          glass="old"
          says="The sash: tap a member to say how it is"
          spots={(b) =>
            IN_TURN.map((side) => ({
              id: side,
              at: b.sides[side].on,
              width: b.bars[side].width + 30,
              height: b.bars[side].height + 30,
              says: `${side} member: ${wordOf(members[side]?.state)}`,
              pressed: side === at,
              tap: () => setAt(side),
            }))
          }
          over={(b) =>
            IN_TURN.map((side) => {
              const state = members[side]?.state;
              return (
                <g key={side}>
                  <path d={boxPath(b.bars[side])} className={state ? INK[state] : "d-left"} />
                  {side === at && <path d={boxPath(b.bars[side])} className="d-chosen" />}
                  {state && (
                    <SideWord board={b} side={side} ink={state === "sound" ? "d-glass-text" : "font-semibold fill-ink"}>
                      {MEMBER_FACTS[state].name}
                    </SideWord>
                  )}
                </g>
              );
            })
          }
        />
        <div className="space-y-3">
          <MemberCard key={at} side={at} />
          {said.length === 0 && (
            <button
              type="button"
              className="btn btn-small"
              onClick={() => {
                for (const member of IN_TURN) write("look.condition", { member, state: "sound", note: "" });
              }}
            >
              All four are sound
            </button>
          )}
        </div>
      </div>
      {said.some((m) => m.state !== "sound") && (
        <div className="note-glass text-[13px]">
          <p>
            {said.some((m) => m.state === "not-worth") ? MEMBER_FACTS["not-worth"].means : MEMBER_FACTS.mend.means}.
          </p>
          {mending.faults.map((x) => (
            <p key={x}>
              {say(FAULT_FACTS[x].name)}: {say(FAULT_FACTS[x].mending)}.
            </p>
          ))}
          {mending.minutes > 0 && (
            <p className="font-medium">
              About {mending.minutes} min{mending.driesHours > 0 && `, and ${mending.driesHours} h of drying`}, before
              the glass.
            </p>
          )}
        </div>
      )}
    </Fold>
  );
}

const wordOf = (state: MemberState | undefined): string => (state ? MEMBER_FACTS[state].name : "not looked at");

/** One member: how it is, what is wrong with it, and a photo of that. */
function MemberCard({ side }: { readonly side: Side }) {
  const { book, say, write } = usePane();
  const faults = MEMBER_FAULTS.filter((x) => FAULT_FACTS[x].of === frameOf(book.added.system).worked);
  const member = book.before.members[side];
  const set = (state: MemberState, fault?: MemberFault) =>
    write("look.condition", { member: side, state, note: "", ...(fault ? { fault } : {}) });
  return (
    <fieldset className="space-y-2">
      <legend className="pb-1 font-semibold">The {side} member</legend>
      <div className="flex flex-wrap gap-2">
        {MEMBER_STATES.map((s) => (
          <label key={s} className="chip" title={MEMBER_FACTS[s].means}>
            <input
              type="radio"
              name={`member-${side}`}
              checked={member?.state === s}
              onChange={() => set(s, s === "sound" ? undefined : member?.fault)}
            />
            {MEMBER_FACTS[s].name}
          </label>
        ))}
      </div>
      {member && member.state !== "sound" && faults.length > 0 && (
        <>
          <p className="text-[13px] text-mute">What is wrong with it</p>
          <div className="flex flex-wrap gap-2">
            {faults.map((x) => (
              <label key={x} className="chip">
                <input
                  type="radio"
                  name={`fault-${side}`}
                  checked={member.fault === x}
                  onChange={() => set(member.state, x)}
                />
                {say(FAULT_FACTS[x].name)}
              </label>
            ))}
          </div>
        </>
      )}
      {member && <PhotoOf station="look" of={`member/${side}`} caption={`${side} member`} name={side} />}
    </fieldset>
  );
}
