import { wipeDevice } from "../device/wipe.ts";

const post = (path: string) =>
  fetch(`/api/people/${path}`, { method: "POST", headers: { "content-type": "application/json" }, body: "{}" });

/** Whose name stands on what is written here, and the way out. */
export function SignedIn({ name }: { readonly name: string }) {
  const out = async (wipes: boolean) => {
    if (wipes && !window.confirm("Take everything off this device that is kept on it? What was not sent yet is lost."))
      return;
    await post("sign-out").catch(() => undefined);
    if (wipes) await wipeDevice();
    location.assign("/sign-in");
  };
  return (
    <div className="space-y-2">
      <p className="text-[13px] text-mute">
        Signed in as <b className="text-ink">{name}</b>
      </p>
      <div className="grid grid-cols-2 gap-2">
        <a className="btn" href="/account">
          Your account
        </a>
        <button type="button" className="btn" onClick={() => void out(false)}>
          Sign out
        </button>
        <button type="button" className="btn col-span-2" onClick={() => void out(true)}>
          Sign out, and keep nothing here
        </button>
      </div>
    </div>
  );
}
