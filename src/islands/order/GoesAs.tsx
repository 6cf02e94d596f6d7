import { largerFrom, lineTo } from "../../core/pane/line-to.ts";
import type { orderLineOf } from "../../core/pane/order-line.ts";
import { theirChances } from "../../core/pane/their-odds.ts";
import { gridUnit, nm } from "../../core/units/length.ts";
import { goesAsWords, theirOddsWords } from "../../core/words/goes-as.ts";
import { percent } from "../../core/words/percent.ts";
import { usePane } from "../panels/pane-context.ts";
import { Size } from "../ui/Size.tsx";

type Props = {
  readonly line: NonNullable<ReturnType<typeof orderLineOf>>;
  readonly supplier: string;
  /** Among others that might cut it: what their grid alone does to a size is not told of each. */
  readonly amongOthers?: boolean;
};

/** How a line goes to a supplier: by their grid, by how much larger theirs come, and what their scatter makes of the odds. */
export function GoesAs({ line, supplier, amongOthers = false }: Props) {
  const { reckoning: r, firm, prefs } = usePane();
  const theirs = lineTo(line, supplier, firm);
  const larger = theirs.theirsLargerNm === undefined ? null : largerFrom(line, supplier, firm);
  const odds = theirChances(r.odds, line, supplier, firm);
  const grid = theirs.grid === line.grid ? null : theirs.grid;
  const unit = gridUnit(theirs.grid);
  // What makes no difference that anybody reads is not said.
  const differ = odds !== null && (r.chances === null || percent(odds.chances.trouble) !== percent(r.chances.trouble));
  const tells = larger !== null || (grid !== null && !amongOthers);
  return (
    <>
      {tells && (
        <p className={amongOthers ? "" : "note-glass"}>
          {goesAsWords(supplier, { grid, larger }, prefs.unit)}{" "}
          <Size width={nm(theirs.widthNm)} height={nm(theirs.heightNm)} unit={unit} /> {unit}
          {larger === null && ", rounded down once"}.
        </p>
      )}
      {odds && differ && (
        <p className={amongOthers ? "" : "text-[14px] text-mute"}>{theirOddsWords(odds, r.chances, prefs.unit)}</p>
      )}
    </>
  );
}
