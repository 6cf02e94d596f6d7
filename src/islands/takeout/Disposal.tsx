import { wasUnit } from "../../core/pane/unit.ts";
import { bagsFor, DISPOSAL, WASTE_NAMES, type Waste } from "../../core/takeout/disposal.ts";
import { counted } from "../../core/text/counted.ts";
import { Fold } from "../panels/Fold.tsx";
import { usePane } from "../panels/pane-context.ts";

/** Where the old glass goes, how many bags it fills, and what has left. */
export function Disposal() {
  const { book, reckoning: r, say, write } = usePane();
  const { stamp } = book.before.exam;
  const kind: Waste =
    stamp === "toughened" ? "toughened" : stamp === "laminated" ? "laminated" : wasUnit(book) ? "unit" : "float";
  const card = DISPOSAL[kind];
  const bags = r.massKg === null ? null : bagsFor(r.massKg);
  const { waste } = book.before;
  return (
    <Fold
      title="Where the old glass goes"
      more={waste.length > 0 ? "gone" : bags === null ? undefined : `about ${counted(bags, "bag")}`}
    >
      <p>{say(card.how)}</p>
      <p className="text-[12px] text-mute">Source: {card.source}.</p>
      {waste.map((w, i) => (
        <p key={`${w.where}-${i === 0 ? "first" : i}`} className="text-[14px]">
          {counted(w.bags, "bag")} of {say(WASTE_NAMES[w.waste])}
          {w.where && `, ${w.where}`}
        </p>
      ))}
      <form
        className="grid grid-cols-[5rem_1fr_auto] items-end gap-2"
        onSubmit={(e) => {
          e.preventDefault();
          const form = new FormData(e.currentTarget);
          write("waste.out", {
            waste: kind,
            bags: Math.round(Number(form.get("bags"))),
            where: String(form.get("where") ?? ""),
          });
        }}
      >
        <label>
          <span className="text-[13px] text-mute">bags</span>
          <input name="bags" type="number" min={0} max={99} required className="tight" defaultValue={bags ?? 1} />
        </label>
        <label>
          <span className="text-[13px] text-mute">gone where</span>
          <input name="where" maxLength={200} placeholder="yard skip" />
        </label>
        <button type="submit" className="btn">
          Gone
        </button>
      </form>
    </Fold>
  );
}
