import { useState } from "react";
import { ROLE_SAYS, ROLES, type Role } from "../../core/people/role.ts";
import { counted } from "../../core/text/counted.ts";
import { guarded } from "../ui/Guarded.tsx";
import { PickOne } from "../ui/PickOne.tsx";
import { asTheyAre } from "../ui/picks.ts";
import { Audit, type AuditLine } from "./Audit.tsx";
import { type Device, Devices } from "./Devices.tsx";
import { Invite } from "./Invite.tsx";
import { type KeyRow, Keys } from "./Keys.tsx";
import { postPeople } from "./post-people.ts";

export type Person = {
  readonly id: string;
  readonly name: string;
  readonly role: Role;
  readonly round: string | null;
  readonly hasPin: boolean;
  readonly passkeys: number;
  readonly ended: boolean;
};
export type PeopleData = {
  readonly people: readonly Person[];
  readonly invited: readonly { readonly name: string; readonly role: Role; readonly endsAt: string }[];
  readonly devices: readonly Device[];
  readonly keys: readonly KeyRow[];
  readonly audit: readonly AuditLine[];
  readonly rounds: readonly { readonly id: string; readonly name: string }[];
};

/** Who may come in, on which devices, by which keys; and who did. */
function People({ people, invited, devices, keys, audit, rounds }: PeopleData) {
  const [wrong, setWrong] = useState<string | null>(null);
  const send = async (path: string, body: unknown) => {
    const done = await postPeople(path, body);
    if (done.ok) location.reload();
    else setWrong(done.message);
  };
  return (
    <div className="mx-auto max-w-6xl space-y-8 p-6">
      <h1>Who may come in</h1>
      {wrong && (
        <p className="note-wax" role="alert">
          {wrong}
        </p>
      )}
      <div className="grid gap-8 desk:grid-cols-[1fr_20rem]">
        <section aria-label="People">
          <ul className="divide-y divide-line border-y border-line">
            {people.map((p) => (
              <li key={p.id} className="flex flex-wrap items-center gap-x-4 gap-y-1 py-1.5">
                <span className={`min-w-40 flex-1 font-semibold ${p.ended ? "line-through" : ""}`}>{p.name}</span>
                <span className="text-[13px] text-mute">
                  {[
                    p.hasPin && "PIN",
                    p.passkeys > 0 && counted(p.passkeys, "passkey"),
                    p.round && rounds.find((r) => r.id === p.round)?.name,
                  ]
                    .filter(Boolean)
                    .join(" · ")}
                </span>
                {p.ended ? (
                  <button
                    type="button"
                    className="btn"
                    onClick={() => void send("change", { person: p.id, ended: false })}
                  >
                    Let in again
                  </button>
                ) : (
                  <>
                    <PickOne
                      className="!w-32 shrink-0"
                      name={`Role of ${p.name}`}
                      quiet
                      of={asTheyAre(ROLES)}
                      value={p.role}
                      change={(role) => void send("change", { person: p.id, role, round: rounds[0]?.id ?? null })}
                    />
                    <button
                      type="button"
                      className="btn"
                      onClick={() => void send("change", { person: p.id, ended: true })}
                    >
                      No longer comes in
                    </button>
                  </>
                )}
              </li>
            ))}
          </ul>
          {invited.length > 0 && (
            <p className="mt-2 text-[13px] text-mute">
              Invited, and not here yet:{" "}
              {invited.map((i) => `${i.name} (${i.role}, until ${i.endsAt.slice(0, 10)})`).join(", ")}.
            </p>
          )}
          <dl className="mt-3 text-[13px] text-mute">
            {ROLES.map((r) => (
              <div key={r} className="flex gap-2">
                <dt className="w-16 shrink-0 font-semibold">{r}</dt>
                <dd>{ROLE_SAYS[r]}</dd>
              </div>
            ))}
          </dl>
        </section>
        <Invite rounds={rounds} />
      </div>
      <Devices devices={devices} send={send} />
      <Keys keys={keys} send={send} />
      <Audit lines={audit} />
    </div>
  );
}

export default guarded(People, "Who may come in");
