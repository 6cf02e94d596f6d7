import { useState } from "react";
import { ROLES, type Role } from "../../core/people/role.ts";
import CopyText from "../ui/CopyText.tsx";
import { PickOne } from "../ui/PickOne.tsx";
import { asTheyAre } from "../ui/picks.ts";
import { Field } from "./Field.tsx";
import { postPeople } from "./post-people.ts";

type Made = { readonly link: string; readonly svg: string; readonly endsAt: string };

/** Asks somebody in: a link that ends, and the same as a picture for their phone. */
export function Invite({ rounds }: { readonly rounds: readonly { readonly id: string; readonly name: string }[] }) {
  const [name, setName] = useState("");
  const [role, setRole] = useState<Role>("glazier");
  const [round, setRound] = useState(rounds[0]?.id ?? "");
  const [made, setMade] = useState<Made | null>(null);
  const [wrong, setWrong] = useState<string | null>(null);
  const send = async () => {
    setMade(null);
    setWrong(null);
    const done = await postPeople<Made>("invite", { name, role, ...(role === "guest" && { round }) });
    if (done.ok) setMade(done.value);
    else setWrong(done.message);
  };
  return (
    <section aria-label="Invite" className="space-y-3">
      <h2>Ask somebody in</h2>
      <form
        className="space-y-3"
        onSubmit={(e) => {
          e.preventDefault();
          void send();
        }}
      >
        <Field label="Name" value={name} maxLength={60} onChange={(e) => setName(e.target.value)} required />
        <PickOne name="Role" of={asTheyAre(ROLES)} value={role} change={setRole} className="block" />
        {role === "guest" && (
          <PickOne
            name="The round they see"
            of={rounds.map((r) => [r.id, r.name] as const)}
            value={round}
            change={setRound}
            className="block"
          />
        )}
        <button type="submit" className="btn btn-main w-full">
          Make the invitation
        </button>
      </form>
      {wrong && (
        <p className="note-wax" role="alert">
          {wrong}
        </p>
      )}
      {made && (
        <div className="space-y-2" role="status">
          <p>
            For {name}, once, until {made.endsAt.slice(0, 16).replace("T", " ")} UTC. It is shown only now.
          </p>
          <img
            className="w-48 bg-white"
            alt={`The invitation of ${name}, to be pointed at`}
            src={`data:image/svg+xml,${encodeURIComponent(made.svg)}`}
          />
          <p className="break-all font-mono text-[13px]">{made.link}</p>
          <CopyText text={made.link} name="Copy the link" />
        </div>
      )}
    </section>
  );
}
