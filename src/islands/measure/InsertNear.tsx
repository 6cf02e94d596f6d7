import { insertsNear, lineShows } from "../../core/house/stock.ts";
import { nm } from "../../core/units/length.ts";
import { usePane } from "../panels/pane-context.ts";
import { Length } from "../ui/Length.tsx";
import { Size } from "../ui/Size.tsx";

/** Inserts on the firm's list that this one may be, and whether they close on this door. */
export function InsertNear() {
  const { book, reckoning: r, firm, prefs } = usePane();
  const way = book.way;
  if (way !== "insert-outside" && way !== "insert-inside") return null;
  const [width, height] = [r.readings[`${way}-width`], r.readings[`${way}-height`]];
  const door = r.readings["door-thickness"];
  if (width === undefined || height === undefined) return null;
  const near = insertsNear(firm.inserts, { way, width, height, door });
  return (
    <div className={near.some((m) => m.closes !== false) ? "note-glass" : "note-wax"}>
      {near.length === 0 ? (
        <p>
          No insert on the firm's list is near this size. Read it again, or order it by both sizes.{" "}
          <a href="/house#inserts">The list</a>
        </p>
      ) : (
        <ul className="space-y-1">
          {near.slice(0, 3).map((m) => (
            <li key={`${m.insert.family}${m.insert.outsideWidthNm}${m.insert.outsideHeightNm}`}>
              <strong className="font-semibold">{m.insert.family}</strong>: outside{" "}
              <Size width={nm(m.insert.outsideWidthNm)} height={nm(m.insert.outsideHeightNm)} unit={prefs.unit} made />,
              seen <Size width={nm(m.insert.seenWidthNm)} height={nm(m.insert.seenHeightNm)} unit={prefs.unit} made />{" "}
              {prefs.unit}
              {(m.off.width !== 0 || m.off.height !== 0) && (
                <>
                  {" "}
                  (yours is <Length nm={nm(Math.abs(m.off.width))} unit={prefs.unit} />{" "}
                  {m.off.width < 0 ? "narrower" : "wider"}, <Length nm={nm(Math.abs(m.off.height))} unit={prefs.unit} />{" "}
                  {m.off.height < 0 ? "shorter" : "taller"})
                </>
              )}
              . For doors of <Length nm={nm(m.insert.doorFromNm)} unit={prefs.unit} /> to{" "}
              <Length nm={nm(m.insert.doorToNm)} unit={prefs.unit} withUnit />
              {way === "insert-outside" && m.closes !== false && lineShows(m) > 0 && (
                <>
                  . About <Length nm={nm(lineShows(m))} unit={prefs.unit} withUnit /> of the old line shows on a side:
                  tell its owner before it is ordered
                </>
              )}
              {m.closes === false && <span className="trouble">: it will not close on this one</span>}
            </li>
          ))}
        </ul>
      )}
      {near.length > 1 && <p className="text-[13px]">Families differ mostly in width: read the width twice.</p>}
    </div>
  );
}
