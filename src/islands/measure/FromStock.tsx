import { proposedStock } from "../../core/pane/from-stock.ts";
import { toMm } from "../../core/units/length.ts";
import { percent } from "../../core/words/percent.ts";
import { Fold } from "../panels/Fold.tsx";
import { usePane } from "../panels/pane-context.ts";
import { Size } from "../ui/Size.tsx";

const SHOWN = 4;

/** Panes on the shelf that would do, as sold or cut down, the fewest cuts first. */
export function FromStock() {
  const { book, reckoning: r, firm, prefs, say, write } = usePane();
  if (firm.stock.length === 0 || !r.cut.ok || r.opening.copied !== null) return null;
  const first = proposedStock(r.stock);
  const said = !first
    ? r.stock.length > 0
      ? "nothing that is not likely trouble"
      : "nothing of this glass on the shelf will do"
    : first.cuts === 0
      ? `${first.pane.name} goes in as sold`
      : `${first.pane.name}, ${cutsText(first.cuts)}`;
  return (
    <Fold as="small" title={`From stock: ${said}`}>
      <ul className="rows">
        {r.stock.slice(0, SHOWN).map((c) => (
          <li
            key={`${c.pane.name}${c.turned}`}
            className="grid grid-cols-[1fr_auto_auto] items-center gap-x-3 py-1.5 text-[14px]"
          >
            <span>
              {c.pane.name}
              {c.turned && ", turned"}
              <span className="block text-[12px] text-mute">
                {cutsText(c.cuts)}, {c.factoryEdges} factory edges, {(c.wasteNm2 / 1e18).toFixed(2)} m² over
                {c.trouble() !== null && `, ${percent(c.trouble() ?? 0)} trouble`}
              </span>
            </span>
            <span className="font-medium">
              <Size {...c.glass} unit={prefs.unit} />
            </span>
            <button
              type="button"
              className="btn btn-small"
              onClick={() =>
                c.cuts === 0 && !c.turned && c === r.stock[0]
                  ? write("size.rule", { ...(book.rule ?? { ...r.rule, off: null }), school: "next-size-down" })
                  : write("size.overruled", {
                      width: { text: String(toMm(c.glass.width)), unit: "mm" },
                      height: { text: String(toMm(c.glass.height)), unit: "mm" },
                      reason: `from stock: ${c.pane.name}, ${cutsText(c.cuts)}`,
                    })
              }
            >
              Use
            </button>
          </li>
        ))}
      </ul>
      {r.stock.length === 0 && (
        <p className="text-[13px] text-mute">
          {say("Stock is listed under House rules, by thickness and kind. Specify says which glass this {pane} is.")}{" "}
          <a href="/house#stock">Glass in stock</a>, {say(`${toMm(r.glass.thickness)} mm.`)}
        </p>
      )}
    </Fold>
  );
}

const cutsText = (cuts: number): string => (cuts === 0 ? "no cut" : cuts === 1 ? "1 cut" : "2 cuts");
