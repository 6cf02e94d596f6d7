import { v7 as uuidv7 } from "uuid";
import type { Entry } from "../../core/log/kinds.ts";
import { counted } from "../../core/text/counted.ts";
import { entryWords } from "../../core/words/entry.ts";
import type { Prefs } from "../../core/words/prefs.ts";
import { OnThisDevice } from "../device/OnThisDevice.tsx";
import { type Keeping, theCourier } from "./courier.ts";
import { MendEntry } from "./MendEntry.tsx";

/** What waits on this device, and what the server would not take, each to be mended or let go. */
export default function WhatWaits({ keeping, prefs }: { readonly keeping: Keeping; readonly prefs: Prefs }) {
  const courier = theCourier();
  const { refused } = keeping;
  return (
    <div className="space-y-4">
      <Waits keeping={keeping} retry={() => void courier.flush()} />
      <OnThisDevice />
      {refused.length > 0 && (
        <section className="space-y-2" aria-label="Not stored">
          <h3>The server would not take</h3>
          <ul className="rows">
            {refused.map(({ entry, message }) => (
              <li key={entry.id} className="space-y-2 py-2">
                <p>
                  <strong>{entryWords(entry, prefs)}</strong>
                  <span className="block text-[13px] text-mute">
                    {entry.who}, {entry.at.slice(0, 10)} {entry.at.slice(11, 16)}
                  </span>
                </p>
                <p className="text-wax">{message}</p>
                <MendEntry
                  entry={entry}
                  send={(mended) => void courier.mend(entry.id, again(mended))}
                  letGo={() => void courier.letGo(entry.id)}
                />
              </li>
            ))}
          </ul>
        </section>
      )}
    </div>
  );
}

/** Under an id and a time of its own: what was refused may have been refused for those. */
const again = (mended: Entry): Entry => ({ ...mended, id: uuidv7(), at: new Date().toISOString() });

function Waits({ keeping, retry }: { readonly keeping: Keeping; readonly retry: () => void }) {
  const { waiting, photos, why, notKept } = keeping;
  if (waiting === 0 && photos === 0) return <p>Everything written on this device is in the firm's file.</p>;
  return (
    <div className="space-y-2">
      <p>
        {`${[waiting > 0 && counted(waiting, "entry", "entries"), photos > 0 && counted(photos, "photo")].filter(Boolean).join(" and ")} ${waiting + photos === 1 ? "waits" : "wait"} here. `}
        {why?.kind === "said"
          ? why.message
          : why
            ? "There is no signal: they go out by themselves."
            : "They go out now."}
      </p>
      {notKept && (
        <p className="note-wax">
          This device is full, or keeps nothing for this page. Leave the page open until they are sent, or make room on
          the device.
        </p>
      )}
      <button type="button" className="btn" onClick={retry}>
        Send now
      </button>
    </div>
  );
}
