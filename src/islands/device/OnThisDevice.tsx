import { useEffect, useState } from "react";
import { bringUp } from "./keep-rounds.ts";
import { forgetRound, type KeptRound, keptRounds, roundNames } from "./kept-store.ts";
import { type Room, roomHere } from "./room.ts";

type Shown = { readonly round: KeptRound; readonly name: string };

/** Which rounds this device keeps, when they last agreed with the firm's file, and how much room there is. */
export function OnThisDevice() {
  const [rounds, setRounds] = useState<readonly Shown[] | null>(null);
  const [room, setRoom] = useState<Room | null>(null);
  const read = async () => {
    const [all, names] = await Promise.all([keptRounds(), roundNames()]);
    setRounds(all.filter((r) => r.whole).map((round) => ({ round, name: names.get(round.id) ?? "a round" })));
    setRoom(await roomHere());
  };
  // biome-ignore lint/correctness/useExhaustiveDependencies: read once, and again where something is done
  useEffect(() => void read().catch(() => setRounds([])), []);
  if (rounds === null) return null;
  return (
    <section className="space-y-2" aria-label="Kept on this device">
      <h3>Opens here without a signal</h3>
      {rounds.length === 0 && <p>Nothing yet: open a round while there is a signal.</p>}
      <ul className="rows">
        {rounds.map(({ round, name }) => (
          <li key={round.id} className="flex items-center justify-between gap-3 py-1.5">
            <span>
              {name}
              <span className="block text-[13px] text-mute">{`agreed with the firm's file ${timeOf(round.agreedAt)}`}</span>
            </span>
            <button
              type="button"
              className="btn btn-small"
              onClick={() => void forgetRound(round.id).then(read)}
              aria-label={`Take ${name} off this device`}
            >
              take off
            </button>
          </li>
        ))}
      </ul>
      {rounds.length > 0 && (
        <button type="button" className="btn btn-small" onClick={() => void bringUp().then(read)}>
          Agree now
        </button>
      )}
      {room?.isNearlyFull && (
        <p className="note-wax">{`This device has ${room.freeMb} MB left for it. Make room before you go where there is no signal.`}</p>
      )}
      {room?.isPersistent === false && rounds.length > 0 && (
        <p className="text-[13px] text-mute">
          This browser may clear it away when the device is full. Put Plain Pane on the home screen to keep it.
        </p>
      )}
    </section>
  );
}

function timeOf(at: number): string {
  const d = new Date(at);
  const clock = d.toTimeString().slice(0, 5);
  return d.toDateString() === new Date().toDateString()
    ? `at ${clock}`
    : `on ${d.toDateString().slice(4, 10)}, ${clock}`;
}
