import { type ReactNode, useState } from "react";
import type { Template } from "../../core/text/template.ts";
import { usePane } from "./pane-context.ts";

/** Where a phone asks one thing a screen, what lies behind it is a tap away; elsewhere it simply stands there. */
export function OnPhoneFolded({ name, children }: { readonly name: Template; readonly children: ReactNode }) {
  const { say } = usePane();
  const [open, setOpen] = useState(false);
  return (
    <div className="space-y-2">
      <button
        type="button"
        className="btn w-full justify-between sm:hidden"
        aria-expanded={open}
        onClick={() => setOpen(!open)}
      >
        {say(name)} <span aria-hidden="true">{open ? "▴" : "▾"}</span>
      </button>
      <div className={open ? "" : "max-sm:hidden"}>{children}</div>
    </div>
  );
}
