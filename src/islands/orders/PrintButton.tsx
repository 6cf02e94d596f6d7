import { useEffect, useRef } from "react";
import type { Prefs } from "../../core/words/prefs.ts";
import { usePrefs } from "../ui/prefs.ts";

/** Prints the sheet. The sheet is made by the server, so a change of unit or words asks for it again. */
export default function PrintButton({ prefs: initial }: { readonly prefs: Prefs }) {
  const prefs = usePrefs(initial);
  const first = useRef(initial);
  useEffect(() => {
    if (prefs.unit !== first.current.unit || prefs.dialect !== first.current.dialect) location.reload();
  }, [prefs]);
  return (
    <button type="button" className="btn btn-main" onClick={() => window.print()}>
      Print it
    </button>
  );
}
