import { alikeOn, toLookAt } from "../../core/round/alike.ts";
import type { RoundRow } from "../../core/round/row.ts";
import { nm } from "../../core/units/length.ts";
import type { Prefs } from "../../core/words/prefs.ts";
import { Size } from "../ui/Size.tsx";

const name = (r: RoundRow): string => [r.address, r.opening, r.light].filter(Boolean).join(", ");

/** Like panes of this round: equal sizes go on one order line, equal dates are looked at before they fail too. */
export function AlikePanes({ rows, prefs }: { readonly rows: readonly RoundRow[]; readonly prefs: Prefs }) {
  const groups = alikeOn(rows);
  if (groups.length === 0) return null;
  return (
    <section id="alike" aria-label="Alike" className="space-y-2 px-4 pb-4 desk:px-5">
      <h2>Alike on this round</h2>
      <ul className="rows">
        {groups.map((g) => {
          const line = g.rows[0]?.line;
          const look = g.by === "date" ? toLookAt(g) : [];
          return (
            <li key={`${g.by} ${g.key}`} className="py-2">
              <p className="font-medium">
                {g.by === "date" ? (
                  `Dated ${g.rows[0]?.dateMark}`
                ) : line ? (
                  <>
                    <Size width={nm(line.widthNm)} height={nm(line.heightNm)} unit={prefs.unit} made /> {prefs.unit},{" "}
                    {g.rows.length} off
                  </>
                ) : null}
              </p>
              <p className="text-[14px]">
                {g.rows.map((r, i) => (
                  <span key={r.id}>
                    {i > 0 && " · "}
                    <a href={`/panes/${r.id}/look`}>{name(r)}</a>
                  </span>
                ))}
              </p>
              {look.length > 0 && (
                <p className="text-[13px]">
                  Look at {look.map(name).join(" and ")}: same date as{" "}
                  {g.rows.find((r) => r.failed) ? "one that failed" : "its neighbours"}.
                </p>
              )}
            </li>
          );
        })}
      </ul>
    </section>
  );
}
