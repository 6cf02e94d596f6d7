import { usePane } from "../panels/pane-context.ts";
import { Length } from "../ui/Length.tsx";

/** By how much the handle corner stands lower than the hinge's, where both gaps above are read. */
export function Dropped() {
  const { reckoning: r, prefs, say } = usePane();
  const [hinge, handle] = [r.readings["head-gap-hinge"], r.readings["head-gap-handle"]];
  if (hinge === undefined || handle === undefined || handle <= hinge) return null;
  return (
    <p className="note-glass">
      The handle corner has dropped <Length nm={handle - hinge} unit={prefs.unit} withUnit />: it is lifted by{" "}
      {say("{packers}")} when the {say("{pane}")} is set.
    </p>
  );
}
