import { useMemo } from "react";
import type { Payloads } from "../../core/log/kinds.ts";
import { type Cut, cutSize } from "../../core/size/cut.ts";
import { SCHOOL_FACTS, SCHOOLS, type School } from "../../core/size/school.ts";
import { GRIDS, nm } from "../../core/units/length.ts";
import { percent } from "../../core/words/percent.ts";
import { cutErrorSentence } from "../../core/words/size.ts";
import { Part } from "../panels/Part.tsx";
import { usePane } from "../panels/pane-context.ts";
import { Length } from "../ui/Length.tsx";
import { PickOne } from "../ui/PickOne.tsx";
import { asTheyAre } from "../ui/picks.ts";
import { Size } from "../ui/Size.tsx";
import { Basis } from "./Basis.tsx";
import { FourSides } from "./FourSides.tsx";
import { FromStock } from "./FromStock.tsx";
import { OddsChart } from "./OddsChart.tsx";
import { Overrule } from "./Overrule.tsx";
import { OwnFigure } from "./OwnFigure.tsx";
import { useOdds } from "./use-odds.ts";
import { Why } from "./Why.tsx";

/** What comes off the opening: the odds of every deduction, every school's answer, and the one in use. */
export function CutRule() {
  const { book, reckoning: r, say, write } = usePane();
  const rule: Payloads["size.rule"] = book.rule ?? { ...r.rule, off: null };
  const change = (to: Partial<Payloads["size.rule"]>) => write("size.rule", { ...rule, ...to });
  const tried = useMemo(
    () => SCHOOLS.map((school) => ({ school, cut: cutSize({ ...r.cutInput, school, overrule: undefined }) })),
    [r.cutInput],
  );
  const sized = tried.flatMap(({ school, cut }) =>
    cut.ok ? [{ school, name: SCHOOL_FACTS[school].name, glass: cut.value.glass, inUse: school === rule.school }] : [],
  );
  const odds = useOdds(
    r.odds,
    sized.map((s) => s.glass),
  );
  const isCopy = r.opening.copied !== null;
  const chances = (school: School) => odds.done?.sizes[sized.findIndex((s) => s.school === school)];
  return (
    <Part
      title="How much to take off"
      more={
        isCopy ? undefined : (
          <span className="inline-flex flex-wrap items-center gap-x-3">
            <PickOne
              name="it may"
              inline
              of={[
                ["turned", "turn a little"],
                ["sill", say("not turn: held to the {sill}")],
              ]}
              value={rule.hold ?? "turned"}
              change={(hold) => change({ hold })}
            />
            <PickOne
              name="cut down to"
              inline
              of={asTheyAre(GRIDS)}
              value={rule.grid}
              change={(grid) => change({ grid })}
            />
          </span>
        )
      }
    >
      {isCopy ? (
        <p className="note-glass">
          {say("Copied as it is: nothing is taken off, by any school. To have it smaller, overrule the size below.")}
        </p>
      ) : (
        <>
          {odds.done && <OddsChart done={odds.done} marked={sized} />}
          <OddsSaid odds={odds} />
          <table className="w-full border-collapse text-[14px]">
            <thead className="text-left text-[12px] text-mute">
              <tr>
                <th className="font-normal">school</th>
                <th className="text-right font-normal">takes off</th>
                <th className="text-right font-normal">glass size</th>
                <th className="text-right font-normal">to spare</th>
                <th className="pr-1 text-right font-normal">trouble</th>
              </tr>
            </thead>
            <tbody>
              {tried.map(({ school, cut }) => (
                <SchoolRow
                  key={school}
                  school={school}
                  cut={cut}
                  trouble={chances(school)?.trouble ?? null}
                  inUse={rule.school === school}
                  choose={() => change({ school })}
                />
              ))}
            </tbody>
          </table>
          <p className="text-[13px] text-mute">
            {say(SCHOOL_FACTS[rule.school].why)} Risk: {say(SCHOOL_FACTS[rule.school].risk)}
          </p>
          {rule.school === "own" && <OwnFigure rule={rule} change={change} />}
          {rule.school === "like-for-like" && (
            <p className="text-[13px]">{say("Give the old {pane}'s own width and height, edge to edge.")}</p>
          )}
        </>
      )}
      <FromStock />
      <FourSides />
      <Why />
      <Overrule />
      <Basis />
    </Part>
  );
}

/** By how many draws, how sure, and what was taken for granted. */
function OddsSaid({ odds }: { readonly odds: ReturnType<typeof useOdds> }) {
  const { reckoning: r, say } = usePane();
  if (!r.best) return null;
  const said = odds.done
    ? [
        `${odds.done.samples.toLocaleString("en")} draws, seed ${odds.done.seed}, sure to ±${percent(2 * odds.done.standardError)}; the curves by the first 20,000.`,
        odds.done.from === "usual-lean" ? "No corner read: a usual lean is in these odds." : "",
        r.odds.depths ? "" : "Cover not known: read the {rebate} depth. Until then only binding is judged.",
        r.odds.errors.when === "year" ? "On the tightest and the widest day of the year." : "On any one day.",
        r.cutInput.hold === "sill" ? "These odds let it turn: held to the {sill} they are no better." : "",
        r.opening.guessed ? "Cover is guessed: its doubt is in these odds." : "",
      ]
    : [odds.share > 0 ? `Drawing: ${Math.round(100 * odds.share)}%` : "Drawing the odds"];
  return (
    <p className="text-[12px] text-mute" aria-live="polite">
      {say(said.filter(Boolean).join(" "))}
    </p>
  );
}

type RowProps = {
  readonly school: School;
  readonly cut: ReturnType<typeof cutSize>;
  readonly trouble: number | null;
  readonly inUse: boolean;
  readonly choose: () => void;
};

function SchoolRow({ school, cut, trouble, inUse, choose }: RowProps) {
  const { reckoning: r, say } = usePane();
  return (
    <tr className={`border-t border-line ${inUse ? "bg-tint" : ""}`}>
      <td>
        <label className="flex min-h-9 cursor-pointer items-center gap-2 pl-1 whitespace-nowrap max-sm:min-h-12">
          <input type="radio" name="school" checked={inUse} onChange={choose} />
          <span className={inUse ? "font-semibold" : ""}>{SCHOOL_FACTS[school].name}</span>
        </label>
      </td>
      {cut.ok ? (
        <SizeCells cut={cut.value} trouble={trouble} />
      ) : (
        <td colSpan={4} className="pr-1 text-right text-[12px] text-mute">
          {r.cut.ok || cut.error.kind === "nothing-left" ? say(cutErrorSentence(cut.error)) : ""}
        </td>
      )}
    </tr>
  );
}

function SizeCells({ cut, trouble }: { readonly cut: Cut; readonly trouble: number | null }) {
  const { prefs, firm } = usePane();
  const { width, height } = cut.deduction;
  const spare = cut.opening.ok ? cut.opening.value.spare : null;
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
      <td className={`text-right ${spare !== null && spare < 0 ? "trouble" : ""}`}>
        {spare === null ? "–" : spare < 0 ? "binds" : <Length nm={nm(Math.round(spare * 1e6))} unit={prefs.unit} />}
      </td>
      <td className={`tight pr-1 text-right ${trouble !== null && trouble > firm.house.troubleShare ? "trouble" : ""}`}>
        {trouble === null ? "…" : percent(trouble).replace("under ", "<")}
      </td>
    </>
  );
}
