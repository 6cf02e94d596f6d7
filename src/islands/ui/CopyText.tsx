import { useState } from "react";

/** Copies a text to be pasted elsewhere; shows it where the browser will not copy. */
export default function CopyText({ text, name }: { readonly text: string; readonly name: string }) {
  const [done, setDone] = useState<"no" | "yes" | "by-hand">("no");
  return (
    <>
      <button
        type="button"
        className="btn btn-small"
        onClick={() =>
          navigator.clipboard.writeText(text).then(
            () => setDone("yes"),
            () => setDone("by-hand"),
          )
        }
      >
        {done === "yes" ? "copied" : name}
      </button>
      {done === "by-hand" && <textarea readOnly className="block w-full text-[13px]" rows={3} value={text} />}
    </>
  );
}
