import { useState } from "react";

type Props = {
  readonly people: readonly { readonly id: string; readonly name: string }[];
  readonly enter: (path: string, body: unknown) => Promise<void>;
  readonly busy: boolean;
};

const KEYS = ["1", "2", "3", "4", "5", "6", "7", "8", "9", "", "0", "⌫"] as const;

/** A shared tablet, unlocked by tapping one's name and a PIN, with gloves on. */
export function Unlock({ people, enter, busy }: Props) {
  const [who, setWho] = useState<string | null>(people.length === 1 ? (people[0]?.id ?? null) : null);
  const [pin, setPin] = useState("");
  return (
    <div className="space-y-3">
      <fieldset className="grid grid-cols-2 gap-2" aria-label="Who">
        {people.map((p) => (
          <button
            key={p.id}
            type="button"
            aria-pressed={who === p.id}
            className={`btn min-h-14 ${who === p.id ? "btn-on" : ""}`}
            onClick={() => setWho(p.id)}
          >
            {p.name}
          </button>
        ))}
      </fieldset>
      {who && (
        <form
          className="space-y-2"
          onSubmit={(e) => {
            e.preventDefault();
            void enter("unlock", { person: who, pin }).then(() => setPin(""));
          }}
        >
          <label className="block">
            <span className="text-[13px] text-mute">PIN</span>
            <input
              className="w-full text-center text-2xl tracking-[0.4em]"
              type="password"
              inputMode="numeric"
              autoComplete="off"
              maxLength={8}
              value={pin}
              onChange={(e) => setPin(e.target.value.replace(/\D/g, ""))}
            />
          </label>
          <div className="grid grid-cols-3 gap-2">
            {KEYS.map((k) =>
              k === "" ? (
                <span key="none" />
              ) : (
                <button
                  key={k}
                  type="button"
                  className="btn min-h-14 text-lg"
                  aria-label={k === "⌫" ? "take the last digit off" : k}
                  onClick={() => setPin((now) => (k === "⌫" ? now.slice(0, -1) : `${now}${k}`.slice(0, 8)))}
                >
                  {k}
                </button>
              ),
            )}
          </div>
          <button type="submit" className="btn btn-main min-h-14 w-full" disabled={busy || pin.length < 4}>
            Unlock
          </button>
        </form>
      )}
    </div>
  );
}
