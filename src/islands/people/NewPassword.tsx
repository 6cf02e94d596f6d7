import { useState } from "react";
import { LEAST_PASSWORD } from "../../core/people/account-rules.ts";
import { guarded } from "../ui/Guarded.tsx";
import { Field } from "./Field.tsx";
import { deviceName, postPeople } from "./post-people.ts";

type Props = {
  /** Known where somebody was invited; asked of the first owner. */
  readonly name: string | null;
  readonly token: string | null;
};

/** Sets a password, and is in: by an invitation, or as the first owner. */
function NewPassword({ name: known, token }: Props) {
  const [name, setName] = useState(known ?? "");
  const [password, setPassword] = useState("");
  const [device, setDevice] = useState("");
  const [wrong, setWrong] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const send = async () => {
    setBusy(true);
    const called = device.trim() || deviceName();
    const done = token
      ? await postPeople("accept", { token, password, device: called })
      : await postPeople("begin", { name, password, device: called });
    setBusy(false);
    if (done.ok) location.replace(token ? "/" : "/people");
    else setWrong(done.message);
  };
  return (
    <form
      className="max-w-sm space-y-3"
      onSubmit={(e) => {
        e.preventDefault();
        void send();
      }}
    >
      {known === null ? (
        <Field
          label="Your name, as it stands on what you write"
          autoComplete="username"
          value={name}
          maxLength={60}
          onChange={(e) => setName(e.target.value)}
          required
        />
      ) : (
        <input type="hidden" autoComplete="username" value={known} readOnly />
      )}
      <Field
        label="A password of your own"
        type="password"
        autoComplete="new-password"
        value={password}
        onChange={(e) => setPassword(e.target.value)}
        says={`At least ${LEAST_PASSWORD} signs: a few words that only you put together.`}
        required
      />
      <Field
        label="What this device is called"
        value={device}
        maxLength={60}
        onChange={(e) => setDevice(e.target.value)}
        says="Left empty it is called by its kind."
      />
      {wrong && (
        <p className="note-wax" role="alert">
          {wrong}
        </p>
      )}
      <button type="submit" className="btn btn-main w-full" disabled={busy}>
        {token ? "Come in" : "From now on everybody signs in"}
      </button>
    </form>
  );
}

export default guarded(NewPassword, "The new password");
