import type { KeptLog } from "../../core/page/kept.ts";

/** What this device does not keep, and what it does. */
export function Missing({ log }: { readonly log: KeptLog }) {
  const kept = log.rounds.filter((r) => log.panes.some((p) => p.round === r.id));
  return (
    <div className="mx-auto max-w-xl space-y-3 p-8">
      <h1>This page needs a signal</h1>
      <p>It is not kept on this device. These rounds are:</p>
      <ul className="rows">
        {kept.map((r) => (
          <li key={r.id} className="py-2">
            <a className="font-semibold" href={`/?round=${r.id}`}>
              {r.name}
            </a>
          </li>
        ))}
      </ul>
      <button type="button" className="btn" onClick={() => location.reload()}>
        Try again
      </button>
    </div>
  );
}

/** Nothing can be made here, and why. */
export function Nothing({ says }: { readonly says: string }) {
  return (
    <main id="main" className="mx-auto max-w-xl space-y-3 p-8">
      <h1>No signal</h1>
      <p>{says}</p>
      <button type="button" className="btn btn-main" onClick={() => location.reload()}>
        Try again
      </button>
    </main>
  );
}
