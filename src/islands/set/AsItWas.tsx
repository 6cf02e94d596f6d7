import { frameOf } from "../../core/frame/systems.ts";
import { stepFacts } from "../../core/pane/step-facts.ts";
import { refitOrder } from "../../core/takeout/beads.ts";
import { toMm } from "../../core/units/length.ts";
import { Fold } from "../panels/Fold.tsx";
import { HowItWas } from "../panels/HowItWas.tsx";
import { usePane } from "../panels/pane-context.ts";

/** What was marked, mapped and counted when the old pane came out, for putting back. */
export function AsItWas() {
  const { book, reckoning: r, say } = usePane();
  const { map, joints } = book.before;
  const size = r.cut.ok ? r.cut.value.glass : null;
  const facts = stepFacts(book, r);
  // Sprung mouldings and plastic beads: the short ends first, then the sides spring in between them.
  const back =
    joints &&
    refitOrder(
      {
        joints: joints.joints,
        school: joints.school,
        width: size ? toMm(size.width) : 600,
        height: size ? toMm(size.height) : 900,
      },
      frameOf(facts.system).refits,
    );
  if (map.length === 0 && !back && !book.marks) return null;
  return (
    <Fold
      title="How it was"
      more={[book.marks?.insideFace, book.marks?.topEdge].filter(Boolean).join(", ") || undefined}
    >
      {book.marks && (
        <p className="text-[14px]">
          Inside face: {book.marks.insideFace || "not marked"}. Top edge: {book.marks.topEdge || "not marked"}.
        </p>
      )}
      {back && (
        <p className="note-glass">
          {say("{Beads}")} go back {back.join(", ")}: ends tapped in first, then the middle.
        </p>
      )}
      {map.length > 0 && <HowItWas editable={false} />}
    </Fold>
  );
}
