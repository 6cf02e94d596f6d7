import { stepFacts } from "../../core/pane/step-facts.ts";
import { refitOrder } from "../../core/takeout/beads.ts";
import { type Counted, missing } from "../../core/takeout/counts.ts";
import { toMm } from "../../core/units/length.ts";
import { CountField } from "../parts/CountField.tsx";
import { Fold } from "../parts/Fold.tsx";
import { HowItWas } from "../parts/HowItWas.tsx";
import { usePane } from "../parts/pane-context.ts";

const BACK: readonly Counted[] = ["screws", "plugs", "clips"];

/** What was marked, mapped and counted when the old pane came out, for putting back. */
export function AsItWas() {
  const { book, reckoning: r, say } = usePane();
  const { map, joints, counts } = book.before;
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
      facts.system.startsWith("plastic") ? "ends-first" : "reverse",
    );
  const counted = BACK.filter((c) => (counts[c]?.out ?? null) !== null);
  const gone = missing(counts);
  if (map.length === 0 && !back && counted.length === 0 && !book.marks) return null;
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
      {counted.map((c) => (
        <CountField key={c} what={c} way="back" />
      ))}
      {gone.length > 0 && (
        <p className="note-wax" role="alert">
          Not all is back: {gone.map((g) => `${g.by} ${g.what}`).join(", ")}. Find them, or say in a note where they
          are.
        </p>
      )}
    </Fold>
  );
}
