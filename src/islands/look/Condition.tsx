import { isPlastic, isTimber } from "../../core/frame/held.ts";
import { SIDES, type Side } from "../../core/geometry/quad.ts";
import {
  FAULT_FACTS,
  MEMBER_FACTS,
  MEMBER_FAULTS,
  MEMBER_STATES,
  type MemberFault,
  type MemberState,
  mendingOf,
} from "../../core/look/condition.ts";
import { stepFacts } from "../../core/pane/step-facts.ts";
import { Fold } from "../parts/Fold.tsx";
import { PhotoOf } from "../parts/PhotoOf.tsx";
import { usePane } from "../parts/pane-context.ts";

/** Whether sash and frame deserve new glass, member by member: what is wrong, and what mending takes. */
export function Condition() {
  const { book, reckoning: r, say } = usePane();
  const said = Object.values(book.before.members);
  const f = stepFacts(book, r);
  const faults = MEMBER_FAULTS.filter((x) => (FAULT_FACTS[x].of === "timber" ? isTimber(f) : isPlastic(f)));
  const mending = mendingOf(said);
  return (
    <Fold
      title="Sash and frame, member by member"
      more={said.length === 0 ? "rot, joints, corners" : said.map((m) => MEMBER_FACTS[m.state].name).join(", ")}
    >
      <div className="grid grid-cols-2 gap-2">
        {SIDES.map((side) => (
          <MemberFields key={side} side={side} faults={faults} />
        ))}
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

function MemberFields({ side, faults }: { readonly side: Side; readonly faults: readonly MemberFault[] }) {
  const { book, say, write } = usePane();
  const member = book.before.members[side];
  const set = (state: MemberState, fault?: MemberFault) =>
    write("look.condition", { member: side, state, note: "", ...(fault ? { fault } : {}) });
  return (
    <div className="space-y-1">
      <label className="block">
        <span className="text-[13px] text-mute">{side}</span>
        <select value={member?.state ?? ""} onChange={(e) => set(e.target.value as MemberState, member?.fault)}>
          <option value="" disabled>
            not looked at
          </option>
          {MEMBER_STATES.map((s) => (
            <option key={s} value={s}>
              {MEMBER_FACTS[s].name}
            </option>
          ))}
        </select>
      </label>
      {member && member.state !== "sound" && faults.length > 0 && (
        <select
          aria-label={`What is wrong with the ${side} member`}
          value={member.fault ?? ""}
          onChange={(e) => set(member.state, e.target.value as MemberFault)}
        >
          <option value="" disabled>
            what is wrong
          </option>
          {faults.map((x) => (
            <option key={x} value={x}>
              {say(FAULT_FACTS[x].name)}
            </option>
          ))}
        </select>
      )}
      {member && <PhotoOf station="look" of={`member/${side}`} caption={`${side} member`} name={side} />}
    </div>
  );
}
