export type Device = {
  readonly id: string;
  readonly device: string;
  readonly name: string;
  readonly seenAt: string;
  readonly kind: "own" | "tablet" | "unlocked";
  readonly isThis: boolean;
};

type Props = { readonly devices: readonly Device[]; readonly send: (path: string, body: unknown) => Promise<void> };

const KIND = { own: "", tablet: "shared tablet", unlocked: "on a shared tablet" } as const;

/** Where people are signed in, the device seen last first. */
export const Devices = ({ devices, send }: Props) => (
  <section aria-label="Devices">
    <h2>Devices</h2>
    <ul className="divide-y divide-line border-y border-line">
      {devices.map((d) => (
        <li key={d.id} className="flex flex-wrap items-center gap-x-4 gap-y-1 py-1.5">
          <span className="min-w-40 flex-1">
            <b>{d.device}</b> · {d.name} <span className="text-mute">{KIND[d.kind]}</span>
          </span>
          <span className="text-[13px] text-mute">
            {d.isThis ? "this one" : `seen ${d.seenAt.slice(0, 16).replace("T", " ")}`}
          </span>
          <button
            type="button"
            className="btn"
            onClick={() => void send("end-session", { session: d.id, lost: false })}
          >
            End
          </button>
          <button type="button" className="btn" onClick={() => void send("end-session", { session: d.id, lost: true })}>
            It is lost
          </button>
        </li>
      ))}
    </ul>
    <p className="mt-1 text-[13px] text-mute">
      A lost device wipes what it keeps the next time it reaches this server. Until then whoever unlocks it can read the
      rounds that are kept on it: its own lock is what protects them.
    </p>
  </section>
);
