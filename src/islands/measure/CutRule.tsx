import { useId, useState } from "react";
import type { Payloads } from "../../core/log/kinds.ts";
import { type Cut, cutSize } from "../../core/size/cut.ts";
import { SCHOOL_FACTS, SCHOOLS, type School } from "../../core/size/school.ts";
import { readTape } from "../../core/tape/read.ts";
import { GRIDS, nm } from "../../core/units/length.ts";
import { cutErrorSentence } from "../../core/words/size.ts";
import { tapeErrorSentence } from "../../core/words/tape-error.ts";
import { Length } from "../parts/Length.tsx";
import { Part } from "../parts/Part.tsx";
import { usePane } from "../parts/pane-context.ts";
import { Size } from "../parts/Size.tsx";
import { Overrule } from "./Overrule.tsx";

/** What comes off the opening: every school's answer side by side, and the one in use. */
export function CutRule() {
  const { book, reckoning: r, say, write } = usePane();
  const rule: Payloads["size.rule"] = book.rule ?? { ...r.rule, off: null };
  const change = (to: Partial<Payloads["size.rule"]>) => write("size.rule", { ...rule, ...to });

  return (
    <Part
      title="How much to take off"
      more={
        <label className="inline-flex items-center gap-1.5">
          cut down to
          <select
            className="!min-h-8 !w-auto !py-0"
            value={rule.grid}
            onChange={(e) => change({ grid: e.target.value as typeof rule.grid })}
          >
            {GRIDS.map((g) => (
              <option key={g}>{g}</option>
            ))}
          </select>
        </label>
      }
    >
      <table className="w-full border-collapse text-[14px]">
        <thead className="text-left text-[12px] text-mute">
          <tr>
            <th className="font-normal">school</th>
            <th className="text-right font-normal">takes off</th>
            <th className="text-right font-normal">glass size</th>
            <th className="text-right font-normal">to spare</th>
          </tr>
        </thead>
        <tbody>
          {SCHOOLS.map((school) => (
            <SchoolRow key={school} school={school} inUse={rule.school === school} choose={() => change({ school })} />
          ))}
        </tbody>
      </table>
      <p className="text-[13px] text-mute">
        {say(SCHOOL_FACTS[rule.school].why)} Risk: {say(SCHOOL_FACTS[rule.school].risk)}
      </p>
      {rule.school === "own" && <OwnFigure rule={rule} change={change} />}
      {rule.school === "like-for-like" && (
        <p className="text-[13px]">{say("Give the old {pane}'s own width and height under Specify.")}</p>
      )}
      <Overrule />
    </Part>
  );
}

type RowProps = { readonly school: School; readonly inUse: boolean; readonly choose: () => void };

function SchoolRow({ school, inUse, choose }: RowProps) {
  const { reckoning: r, say } = usePane();
  const cut = cutSize({ ...r.cutInput, school, overrule: undefined });
  const spare = cut.ok && cut.value.opening.ok ? cut.value.opening.value.spare : null;
  return (
    <tr className={`border-t border-line ${inUse ? "bg-tint" : ""}`}>
      <td>
        <label className="flex min-h-9 cursor-pointer items-center gap-2 pl-1 whitespace-nowrap max-sm:min-h-12">
          <input type="radio" name="school" checked={inUse} onChange={choose} />
          <span className={inUse ? "font-semibold" : ""}>{SCHOOL_FACTS[school].name}</span>
        </label>
      </td>
      {cut.ok ? (
        <SizeCells cut={cut.value} spare={spare} />
      ) : (
        <td colSpan={3} className="pr-1 text-right text-[12px] text-mute">
          {r.cut.ok || cut.error.kind === "nothing-left" ? say(cutErrorSentence(cut.error)) : ""}
        </td>
      )}
    </tr>
  );
}

function SizeCells({ cut, spare }: { readonly cut: Cut; readonly spare: number | null }) {
  const { prefs } = usePane();
  const { width, height } = cut.deduction;
  return (
    <>
      <td className="text-right">
        <Length nm={width} unit={prefs.unit} />
        {height !== width && (
          <>
            , <Length nm={height} unit={prefs.unit} />
          </>
        )}
      </td>
      <td className="text-right font-medium whitespace-nowrap">
        <Size {...cut.glass} unit={prefs.unit} />
      </td>
      <td className={`pr-1 text-right ${spare !== null && spare < 0 ? "trouble" : ""}`}>
        {spare === null ? "–" : spare < 0 ? "binds" : <Length nm={nm(Math.round(spare * 1e6))} unit={prefs.unit} />}
      </td>
    </>
  );
}

type OwnProps = { readonly rule: Payloads["size.rule"]; readonly change: (to: Partial<Payloads["size.rule"]>) => void };

function OwnFigure({ rule, change }: OwnProps) {
  const { prefs } = usePane();
  const id = useId();
  const [text, setText] = useState(rule.off?.text ?? "");
  const read = text.trim() === "" ? null : readTape(text, prefs.unit);
  return (
    <div>
      <label htmlFor={id} className="text-[13px]">
        Off each way, both sides together
      </label>
      <input
        id={id}
        className={`tight ${read && !read.ok ? "bad" : ""}`}
        value={text}
        maxLength={60}
        onChange={(e) => setText(e.target.value)}
        onBlur={() => change({ off: text.trim() === "" ? null : { text, unit: prefs.unit } })}
      />
      {read && !read.ok && <p className="trouble">{tapeErrorSentence(read.error)}</p>}
    </div>
  );
}
