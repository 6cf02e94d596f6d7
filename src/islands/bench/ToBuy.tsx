import type { RackPageData } from "../../core/page/rack-page.ts";
import { nm } from "../../core/units/length.ts";
import { sheetText } from "../../core/words/glass.ts";
import type { Prefs } from "../../core/words/prefs.ts";
import { entriesBy, handOver } from "../log/new-entries.ts";
import { Size } from "../ui/Size.tsx";

type Props = {
  readonly data: RackPageData;
  readonly prefs: Prefs;
  readonly fail: (says: string) => void;
};

/** Of which there is less than the firm keeps: how many to buy, and one tap once they lie there. */
export function ToBuy({ data: { toBuy }, prefs, fail }: Props) {
  if (toBuy.length === 0) return null;
  const isThere = async (name: string, count: number) => {
    const refused = await handOver([entriesBy(prefs.who)("stock.counted", {}, { name, count })]);
    if (refused) fail(refused);
    else location.reload();
  };
  return (
    <section aria-label="To buy" className="space-y-1">
      <h2 className="text-[16px]">To buy</h2>
      <ul className="rows bg-sheet px-3">
        {toBuy.map(({ piece, more }) => (
          <li key={piece.name} className="flex flex-wrap items-center justify-between gap-x-3 gap-y-2 py-2.5">
            <span>
              <b>
                {more} × {piece.name}
              </b>
              <span className="block text-[14px]">
                <Size width={nm(piece.widthNm)} height={nm(piece.heightNm)} unit={prefs.unit} />,{" "}
                {sheetText(piece, prefs)}. {piece.count ?? 1} there, {piece.least} to be kept.
              </span>
            </span>
            <button
              type="button"
              className="btn min-h-12"
              onClick={() => void isThere(piece.name, (piece.count ?? 1) + more)}
            >
              {more === 1 ? "It lies" : `${more} lie`} there now
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}
