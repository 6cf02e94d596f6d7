import { settingOf } from "../../core/pane/setting.ts";
import { usePane } from "../panels/pane-context.ts";
import { Length } from "../ui/Length.tsx";

/** What carries it, in figures; where each stands is drawn. */
export function PackersSay() {
  const { book, reckoning: r, prefs, say } = usePane();
  const setting = settingOf(book, r);
  const { packers } = r;
  if (!setting || !packers?.stack) return null;
  return (
    <p>
      {packers.stack.pieces.length === 0 ? (
        say("No {packer} fits under it: it stands on its bed.")
      ) : (
        <>
          Two stacks of{" "}
          {packers.stack.pieces.map((p, i) => (
            <span key={`${p}-${i === 0 ? "first" : "more"}`}>
              {i > 0 && " + "}
              <Length nm={p} unit={prefs.unit} withUnit />
            </span>
          ))}
          , their middles <Length nm={packers.fromCorner} unit={prefs.unit} places={0} ticks={16} withUnit /> from each
          corner.
        </>
      )}
    </p>
  );
}
