import { useStore } from "@nanostores/react";
import { entryWords } from "../../core/words/entry.ts";
import type { Prefs } from "../../core/words/prefs.ts";
import type { LogStore } from "./log-store.ts";

type Props = { readonly store: LogStore; readonly prefs: Prefs };

/** Whether what was written is in the file yet. Says nothing while all is well. */
export function KeepingLine({ store, prefs }: Props) {
  const { waiting, silent, refused } = useStore(store.keeping, { ssr: "initial" });
  return (
    <>
      <output className="text-[13px] leading-tight opacity-90 empty:hidden" aria-live="polite">
        {silent && waiting > 0 ? `no signal, ${waiting} kept here` : ""}
      </output>
      {refused && (
        <div
          role="alert"
          className="note-wax fixed inset-x-3 top-14 z-20 mx-auto max-w-xl space-y-2 text-ink shadow-lg"
        >
          <p>
            <strong>Not stored:</strong> {entryWords(refused.entry, prefs)}. {refused.message}
          </p>
          <button type="button" className="btn btn-small" onClick={store.readRefusal}>
            I have read it
          </button>
        </div>
      )}
    </>
  );
}
