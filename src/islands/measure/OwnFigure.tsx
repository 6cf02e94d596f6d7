import { useId, useState } from "react";
import type { Payloads } from "../../core/log/kinds.ts";
import { readTape } from "../../core/tape/read.ts";
import type { Written } from "../../core/tape/written.ts";
import { tapeErrorSentence } from "../../core/words/tape-error.ts";
import { usePane } from "../panels/pane-context.ts";

type Props = { readonly rule: Payloads["size.rule"]; readonly change: (to: Partial<Payloads["size.rule"]>) => void };

/** The user's own deduction, both sides together; the height may have its own. */
export const OwnFigure = ({ rule, change }: Props) => (
  <div className="grid grid-cols-2 gap-2">
    <Figure name="Off the width, both sides together" was={rule.off} keep={(off) => change({ off })} />
    <Figure
      name="Off the height, where it is another"
      was={rule.offHeight ?? null}
      keep={(offHeight) => change({ offHeight })}
    />
  </div>
);

type FigureProps = {
  readonly name: string;
  readonly was: Written | null;
  readonly keep: (to: Written | null) => void;
};

function Figure({ name, was, keep }: FigureProps) {
  const { prefs } = usePane();
  const id = useId();
  const [text, setText] = useState(was?.text ?? "");
  const read = text.trim() === "" ? null : readTape(text, prefs.unit);
  return (
    <div>
      <label htmlFor={id} className="text-[13px]">
        {name}
      </label>
      <input
        id={id}
        className={`tight ${read && !read.ok ? "bad" : ""}`}
        value={text}
        maxLength={60}
        onChange={(e) => setText(e.target.value)}
        onBlur={() => keep(text.trim() === "" ? null : { text, unit: prefs.unit })}
      />
      {read && !read.ok && <p className="trouble">{tapeErrorSentence(read.error)}</p>}
    </div>
  );
}
