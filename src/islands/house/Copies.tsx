import { useEffect, useState } from "react";
import type { z } from "zod";
import { GetBackups, PostBackup } from "../../contract/backups.ts";
import { errorOf } from "../log/send.ts";
import { Archive } from "./Archive.tsx";

type Copy = z.output<typeof GetBackups.output>[number];
type State =
  | { readonly at: "asking" }
  | { readonly at: "making" }
  | { readonly at: "made"; readonly said: string }
  | { readonly at: "failed"; readonly why: string };

const NO_ANSWER = "The server does not answer. Ask again when it is back; what you wrote here is kept.";

const size = (bytes: number): string =>
  bytes >= 1e6 ? `${(bytes / 1e6).toFixed(1)} MB` : `${Math.ceil(bytes / 1000)} kB`;

/** What the server says, checked; or the sentence it refused with. */
async function asked<T>(path: string, output: z.ZodType<T>, init?: RequestInit): Promise<T | string> {
  try {
    const answer = await fetch(path, init);
    return answer.ok ? output.parse(await answer.json()) : ((await errorOf(answer))?.message ?? NO_ANSWER);
  } catch {
    return NO_ANSWER;
  }
}

/** Copies of the firm's file: the ones there are, and one more when it is wanted. */
export function Copies() {
  const [copies, setCopies] = useState<readonly Copy[] | null>(null);
  const [state, setState] = useState<State>({ at: "asking" });
  const look = async (): Promise<void> => {
    const there = await asked(GetBackups.path, GetBackups.output);
    if (typeof there === "string") setState({ at: "failed", why: there });
    else setCopies(there);
  };
  // biome-ignore lint/correctness/useExhaustiveDependencies: asked once, when the page is there
  useEffect(() => void look(), []);
  const make = async (): Promise<void> => {
    setState({ at: "making" });
    const made = await asked(PostBackup.path, PostBackup.output, {
      method: "POST",
      headers: { "content-type": "application/json" },
      body: "{}",
    });
    if (typeof made === "string") return setState({ at: "failed", why: made });
    const photos = made.photos === 1 ? "1 photo" : `${made.photos} photos`;
    setState({
      at: "made",
      said: `${made.name} is made, opened again and checked: ${made.entries} entries, ${photos}, ${size(made.bytes)}.`,
    });
    await look();
  };
  return (
    <section id="copies" className="space-y-3">
      <h2>Copies</h2>
      <p className="text-mute">
        Everything the firm wrote is in one file on the server. A copy is made each day by itself, and before an update
        changes the file. They lie beside it, on the same disk: carry one elsewhere now and then.
      </p>
      <button type="button" className="btn" disabled={state.at === "making"} onClick={() => void make()}>
        {state.at === "making" ? "Copying…" : "Make a copy now"}
      </button>
      <Archive />
      {state.at === "made" && <p role="status">{state.said}</p>}
      {state.at === "failed" && (
        <p className="note-wax" role="alert">
          {state.why}
        </p>
      )}
      {copies && copies.length === 0 && <p className="text-mute">No copy has been made yet.</p>}
      {copies && copies.length > 0 && (
        <ul className="rows bg-sheet px-4" aria-label="Copies there are">
          {copies.map((c) => (
            <li key={c.name} className="flex flex-wrap justify-between gap-x-4 py-2">
              <span className="font-mono text-[13px]">{c.name}</span>
              <span className="text-mute">
                {c.day} · {size(c.bytes)}
              </span>
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}
