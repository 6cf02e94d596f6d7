import { useState } from "react";
import CopyText from "../ui/CopyText.tsx";
import { PickOne } from "../ui/PickOne.tsx";
import { Field } from "./Field.tsx";
import { postPeople } from "./post-people.ts";

export type KeyRow = {
  readonly id: string;
  readonly what: "supplier" | "calendar";
  readonly of: string;
  readonly madeAt: string;
  readonly usedAt: string | null;
  readonly ended: boolean;
};
type Props = { readonly keys: readonly KeyRow[]; readonly send: (path: string, body: unknown) => Promise<void> };

/** Keys of programs: a supplier's system, and the secret address of somebody's calendar. */
export function Keys({ keys, send }: Props) {
  const [of, setOf] = useState("");
  const [what, setWhat] = useState<"supplier" | "calendar">("calendar");
  const [shown, setShown] = useState<string | null>(null);
  const [wrong, setWrong] = useState<string | null>(null);
  const make = async () => {
    const done = await postPeople<{ key: string; address: string | null }>("key", { what, of });
    if (done.ok) setShown(done.value.address ?? done.value.key);
    else setWrong(done.message);
  };
  return (
    <section aria-label="Keys" className="space-y-2">
      <h2>Keys of programs</h2>
      <form
        className="flex flex-wrap items-end gap-3"
        onSubmit={(e) => {
          e.preventDefault();
          void make();
        }}
      >
        <PickOne
          name="For"
          className="block"
          of={[
            ["calendar", "a person's calendar"],
            ["supplier", "a supplier's system"],
          ]}
          value={what}
          change={setWhat}
        />
        <Field label="Whose" value={of} maxLength={60} onChange={(e) => setOf(e.target.value)} required />
        <button type="submit" className="btn">
          Make a key
        </button>
      </form>
      {wrong && (
        <p className="note-wax" role="alert">
          {wrong}
        </p>
      )}
      {shown && (
        <p role="status" className="flex flex-wrap items-center gap-2">
          <span>Shown only now:</span> <code className="break-all">{shown}</code>{" "}
          <CopyText text={shown} name="Copy it" />
        </p>
      )}
      <ul className="divide-y divide-line">
        {keys.map((k) => (
          <li key={k.id} className="flex flex-wrap items-center gap-4 py-1">
            <span className={`flex-1 ${k.ended ? "line-through" : ""}`}>
              {k.of}, {k.what}
            </span>
            <span className="text-[13px] text-mute">
              made {k.madeAt.slice(0, 10)},{" "}
              {k.usedAt ? `used ${k.usedAt.slice(0, 16).replace("T", " ")}` : "never used"}
            </span>
            {!k.ended && (
              <button type="button" className="btn" onClick={() => void send("end-key", { key: k.id })}>
                Withdraw
              </button>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}
