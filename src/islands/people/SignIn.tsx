import { browserSupportsWebAuthn, startAuthentication } from "@simplewebauthn/browser";
import { useEffect, useState } from "react";
import { wipeDevice } from "../device/wipe.ts";
import { guarded } from "../ui/Guarded.tsx";
import { Field } from "./Field.tsx";
import { deviceName, postPeople } from "./post-people.ts";
import { Unlock } from "./Unlock.tsx";

type Props = {
  readonly to: string;
  readonly why: "ended" | "lost" | null;
  readonly tablet: {
    readonly device: string;
    readonly people: readonly { readonly id: string; readonly name: string }[];
  } | null;
};

const WHY = {
  ended: "Your session ended. What you wrote here is kept, and goes out when you are in again.",
  lost: "The office said that this device is lost: what it kept was wiped. Sign in to begin anew.",
} as const;

/** The way in: by name and password, by passkey, or on a shared tablet by PIN. */
function SignIn({ to, why, tablet }: Props) {
  const [name, setName] = useState("");
  const [password, setPassword] = useState("");
  const [wrong, setWrong] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const [byKey, setByKey] = useState(false);
  const [byName, setByName] = useState(tablet === null || tablet.people.length === 0);
  useEffect(() => {
    setByKey(browserSupportsWebAuthn());
    if (why === "lost") void wipeDevice();
  }, [why]);
  const enter = async (path: string, body: unknown) => {
    setBusy(true);
    const done = await postPeople(path, body);
    setBusy(false);
    if (done.ok) location.replace(to);
    else setWrong(done.message);
  };
  const passkey = async () => {
    const asked = await postPeople<Parameters<typeof startAuthentication>[0]["optionsJSON"]>("passkey-ask", {});
    if (!asked.ok) return setWrong(asked.message);
    const answer = await startAuthentication({ optionsJSON: asked.value }).catch(() => null);
    if (answer) await enter("passkey-in", { answer, device: deviceName() });
    else setWrong("This device gave no passkey. Sign in by name and password.");
  };
  return (
    <div className="mx-auto max-w-sm space-y-4 p-6">
      <h1>{tablet && !byName ? tablet.device : "Sign in"}</h1>
      {why && <p className="note">{WHY[why]}</p>}
      {tablet && !byName ? (
        <Unlock people={tablet.people} enter={enter} busy={busy} />
      ) : (
        <form
          className="space-y-3"
          onSubmit={(e) => {
            e.preventDefault();
            void enter("sign-in", { name, password, device: deviceName() });
          }}
        >
          <Field label="Name" autoComplete="username" value={name} onChange={(e) => setName(e.target.value)} required />
          <Field
            label="Password"
            type="password"
            autoComplete="current-password"
            value={password}
            onChange={(e) => setPassword(e.target.value)}
            required
          />
          <button type="submit" className="btn btn-main w-full" disabled={busy}>
            Sign in
          </button>
        </form>
      )}
      {wrong && (
        <p className="note-wax" role="alert">
          {wrong}
        </p>
      )}
      {byKey && byName && (
        <button type="button" className="btn w-full" onClick={() => void passkey()} disabled={busy}>
          Sign in by passkey
        </button>
      )}
      {tablet && tablet.people.length > 0 && (
        <button type="button" className="btn w-full" onClick={() => setByName(!byName)}>
          {byName ? "Unlock by PIN" : "Sign in by name and password"}
        </button>
      )}
      <p className="text-[13px] text-mute">
        Forgotten the password? Ask an owner of the firm for a new invitation: it sets a new one.
      </p>
    </div>
  );
}

export default guarded(SignIn, "Signing in");
