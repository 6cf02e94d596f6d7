import { oldGlassBack } from "../../core/pane/old-glass.ts";
import { packersDrawn } from "../../core/pane/packers-drawn.ts";
import { isRefurbished } from "../../core/pane/refurbishing.ts";
import { settingOf } from "../../core/pane/setting.ts";
import { HowItHangs } from "../panels/HowItHangs.tsx";
import { OldPaneFields } from "../panels/OldPaneFields.tsx";
import { usePane } from "../panels/pane-context.ts";
import { PackersUnder, StacksUnder } from "./StacksUnder.tsx";

/** How it hangs, and what carries it, in figures; where each stands is drawn. */
export function PackersSay() {
  return (
    <>
      <HowItHangs />
      <Stacks />
    </>
  );
}

function Stacks() {
  const { book, reckoning: r, say } = usePane();
  const setting = settingOf(book, r);
  const { packers } = r;
  if (!r.cut.ok && oldGlassBack(book))
    return (
      <div className="space-y-1">
        <OldPaneFields />
        <p className="text-[14px] text-mute">
          {say("With its {beads} off its edges show: measured, the marks have figures, and how thick each stack is.")}
        </p>
      </div>
    );
  if (!r.cut.ok && r.stands.size) {
    const { spots } = packersDrawn(book, r);
    if (spots.length === 0) return null;
    return (
      <div>
        <p className="first-letter:uppercase">
          <PackersUnder spots={spots} />.
        </p>
        <p className="text-[14px] text-mute">
          {say("How thick they are is half of what the opening is higher than the {pane}: read its height at Measure.")}
        </p>
      </div>
    );
  }
  if (!setting || !packers?.stack) return null;
  // Nobody said how the old pane sat: what is shown is the house's usual, and says so.
  const usual =
    r.opening.copied?.fit !== "usual"
      ? null
      : isRefurbished(book)
        ? say(
            " As such {panes} mostly sit: nobody said how thick its own were. Those that it stood on go back, if they were right.",
          )
        : say(" As such {panes} mostly sit: nobody said how the old one sat. Hold them to the gap first.");
  return (
    <p>
      {packers.stack.pieces.length === 0 ? (
        say("No {packer} fits under it: it stands on its bed.")
      ) : (
        <span className="first-letter:uppercase inline-block">
          <StacksUnder pieces={packers.stack.pieces} spots={setting.spots} />.
        </span>
      )}
      {usual && <span className="text-[14px] text-mute">{usual}</span>}
    </p>
  );
}
