import { startRegistration } from "@simplewebauthn/browser";
import { useState } from "react";
import { guarded } from "../ui/Guarded.tsx";
import { Field } from "./Field.tsx";
import { postPeople } from "./post-people.ts";

type Props = {
  readonly name: string;
  readonly roleSays: string;
  readonly mayTablet: boolean;
  readonly passkeys: number;
};

/** One's own way in: password, PIN for shared tablets, passkeys. */
function Account({ name, roleSays, mayTablet, passkeys }: Props) {
  const [said, setSaid] = useState<string | null>(null);
  const [wrong, setWrong] = useState<string | null>(null);
  const [old, setOld] = useState("");
  const [fresh, setFresh] = useState("");
  const [pin, setPin] = useState("");
  const [device, setDevice] = useState("");
  const send = async (path: string, body: unknown, says: string, then?: () => void) => {
    setSaid(null);
    setWrong(null);
    const done = await postPeople(path, body);
    if (!done.ok) return setWrong(done.message);
    setSaid(says);
    then?.();
  };
  const passkey = async () => {
    const asked = await postPeople<Parameters<typeof startRegistration>[0]["optionsJSON"]>("passkey-begin", {});
    if (!asked.ok) return setWrong(asked.message);
    const made = await startRegistration({ optionsJSON: asked.value }).catch(() => null);
    if (!made) return setWrong("This device made no passkey: it has none, it was broken off, or it has one already.");
    await send("passkey-add", made, "This device lets you in by its passkey from now on.");
  };
  return (
    <div className="mx-auto max-w-2xl space-y-6 p-6">
      <header>
        <h1>{name}</h1>
        <p className="text-mute">{roleSays}</p>
      </header>
      {said && <p role="status">{said}</p>}
      {wrong && (
        <p className="note-wax" role="alert">
          {wrong}
        </p>
      )}
      <section className="space-y-2" aria-label="Passkey">
        <h2>Passkey</h2>
        <p>The lock of this device lets you in, and no password is typed. {passkeys > 0 && `You have ${passkeys}.`}</p>
        <button type="button" className="btn" onClick={() => void passkey()}>
          Make a passkey on this device
        </button>
      </section>
      <form
        className="grid max-w-lg gap-3 sm:grid-cols-2"
        aria-label="Password"
        onSubmit={(e) => {
          e.preventDefault();
          void send(
            "password",
            { old, password: fresh },
            "The password is changed. Your other devices sign in anew.",
            () => {
              setOld("");
              setFresh("");
            },
          );
        }}
      >
        <h2 className="sm:col-span-2">Password and PIN</h2>
        <Field
          label="Password as it is"
          type="password"
          autoComplete="current-password"
          value={old}
          onChange={(e) => setOld(e.target.value)}
        />
        <Field
          label="New password"
          type="password"
          autoComplete="new-password"
          value={fresh}
          onChange={(e) => setFresh(e.target.value)}
        />
        <button type="submit" className="btn" disabled={!old || !fresh}>
          Change the password
        </button>
        <span />
        <Field
          label="PIN for shared tablets"
          inputMode="numeric"
          autoComplete="off"
          value={pin}
          maxLength={8}
          onChange={(e) => setPin(e.target.value.replace(/\D/g, ""))}
          says="4 to 8 digits. It needs the password as it is."
        />
        <button
          type="button"
          className="btn self-start sm:mt-5"
          disabled={!old || pin.length < 4}
          onClick={() => void send("pin", { password: old, pin }, "The PIN is set.", () => setPin(""))}
        >
          Set the PIN
        </button>
      </form>
      {mayTablet && (
        <section className="max-w-lg space-y-2" aria-label="Shared tablet">
          <h2>Shared tablet</h2>
          <p>
            Whoever picks this device up taps their name and PIN, and writes in their own name. Left alone for a quarter
            of an hour it locks itself. You are signed out of it now.
          </p>
          <Field label="What it is called" value={device} maxLength={60} onChange={(e) => setDevice(e.target.value)} />
          <button
            type="button"
            className="btn"
            disabled={!device.trim()}
            onClick={() =>
              void send("tablet", { device }, "It is a shared tablet now.", () => location.replace("/sign-in"))
            }
          >
            Make this a shared tablet
          </button>
        </section>
      )}
    </div>
  );
}

export default guarded(Account, "Your account");
