import { useState } from "react";
import type { Customer } from "../../core/log/kinds/firm.ts";
import { sameAddress } from "../../core/people/forget.ts";

type Props = {
  readonly customers: readonly Customer[];
  readonly forget: (address: string) => void;
};

/** Whose windows they are, as they are kept; what is kept of one, for them; and one taken out on demand. */
export function Customers({ customers, forget }: Props) {
  const [address, setAddress] = useState("");
  const [again, setAgain] = useState("");
  const [done, setDone] = useState<string | null>(null);
  const asked = address.trim();
  const sure = asked !== "" && sameAddress(asked, again);
  return (
    <section id="customers" className="space-y-4">
      <h2>Customers</h2>
      {customers.length === 0 ? (
        <p className="text-mute">Nobody is kept yet: who is at an address is said under Look, The customer.</p>
      ) : (
        <ul className="rows bg-sheet px-4" aria-label="Customers that are kept">
          {customers.map((c) => (
            <li key={c.address} className="flex flex-wrap items-baseline justify-between gap-x-4 gap-y-1 py-2">
              <span>
                <strong className="font-semibold">{c.address}</strong>{" "}
                <span className="text-mute">
                  {[c.name, c.telephone, c.keyHolder && `key: ${c.keyHolder}`].filter(Boolean).join(" · ")}
                </span>
              </span>
              <span className="flex gap-3 text-[14px]">
                <a href={`/api/customers?address=${encodeURIComponent(c.address)}`} download="kept-of-a-customer.json">
                  What is kept of them
                </a>
                <button type="button" className="underline" onClick={() => setAddress(c.address)}>
                  Forget them
                </button>
              </span>
            </li>
          ))}
        </ul>
      )}
      <form
        className="max-w-xl space-y-2"
        onSubmit={(e) => {
          e.preventDefault();
          if (!sure) return;
          forget(asked);
          setDone(asked);
          setAddress("");
          setAgain("");
        }}
      >
        <h3 className="font-semibold">Forget whoever is at an address</h3>
        <p className="text-[14px]">
          Their name, telephone and key-holder, every note and reason written by hand on the windows there, and all
          photos of them are taken out of the log for good: there is no undo. Sizes, days and what was done stay, for
          they are the window's. Devices do the same when they next agree. Copies made before today keep it until they
          are replaced: delete those you carried elsewhere.
        </p>
        <div className="grid gap-2 sm:grid-cols-2">
          <label>
            <span className="text-[13px] text-mute">Address</span>
            <input value={address} maxLength={120} onChange={(e) => setAddress(e.target.value)} />
          </label>
          <label>
            <span className="text-[13px] text-mute">The same address once more</span>
            <input value={again} maxLength={120} disabled={asked === ""} onChange={(e) => setAgain(e.target.value)} />
          </label>
        </div>
        <button type="submit" className="btn" disabled={!sure}>
          {asked === "" ? "Forget them" : `Forget whoever is at ${asked}`}
        </button>
      </form>
      {done && (
        <p className="note-glass" role="status">
          Whoever is at {done} is forgotten once this has reached the server.
        </p>
      )}
    </section>
  );
}
