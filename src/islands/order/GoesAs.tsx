import { largerFrom } from "../../core/pane/line-to.ts";
import { theirChances } from "../../core/pane/their-odds.ts";
import { gridUnit, nm } from "../../core/units/length.ts";
import { goesAsWords, theirOddsWords } from "../../core/words/goes-as.ts";
import { usePane } from "../panels/pane-context.ts";
import { Size } from "../ui/Size.tsx";
import type { PutOn } from "./use-put-on.ts";

/** How a line goes to whoever is proposed: by their grid, by how much larger theirs come, and what their scatter makes of the odds. */
export function GoesAs({ way, supplier }: { readonly way: PutOn; readonly supplier: string }) {
  const { reckoning: r, firm, prefs } = usePane();
  const { line } = way;
  const theirs = way.lineTo(supplier);
  const larger = theirs.theirsLargerNm === undefined ? null : largerFrom(line, supplier, firm);
  const odds = theirChances(r.odds, line, supplier, firm);
  const grid = theirs.grid === line.grid ? null : theirs.grid;
  const unit = gridUnit(theirs.grid);
  return (
    <>
      {(grid !== null || larger !== null) && (
        <p className="note-glass">
          {goesAsWords(supplier, { grid, larger }, prefs.unit)}{" "}
          <Size width={nm(theirs.widthNm)} height={nm(theirs.heightNm)} unit={unit} /> {unit}
          {larger === null && ", rounded down once"}.
        </p>
      )}
      {odds && <p className="text-[14px] text-mute">{theirOddsWords(odds, r.chances, prefs.unit)}</p>}
    </>
  );
}
