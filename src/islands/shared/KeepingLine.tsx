import { useStore } from "@nanostores/react";
import type { LogStore } from "./log-store.ts";

/** Whether what was written is in the file yet. Says nothing while all is well. */
export function KeepingLine({ store }: { readonly store: LogStore }) {
  const keeping = useStore(store.keeping, { ssr: "initial" });
  const text =
    keeping.kind === "refused"
      ? keeping.message
      : keeping.kind === "waiting" && keeping.silent
        ? `no signal, ${keeping.count} kept here`
        : "";
  return (
    <output
      className={`max-w-96 text-[13px] leading-tight empty:hidden ${keeping.kind === "refused" ? "text-[#ffc9ba]" : "opacity-90"}`}
      aria-live="polite"
    >
      {text}
    </output>
  );
}
