/* One page of a browser listens to the server for all of its pages: a browser opens few connections to one server. */

const hearers = new Set<() => void>();
const CHANNEL = "pp-live";
/** What comes in one breath is looked at once. */
const SOON_MS = 150;

let began = false;
let isTelling = false;

function tell(): void {
  if (isTelling) return;
  isTelling = true;
  setTimeout(() => {
    isTelling = false;
    for (const hear of hearers) hear();
  }, SOON_MS);
}

/** Called a moment after something was stored anywhere, while there is a signal. Answers with its end. */
export function onNews(hear: () => void): () => void {
  hearers.add(hear);
  begin();
  return () => hearers.delete(hear);
}

function begin(): void {
  if (began || typeof EventSource === "undefined" || typeof BroadcastChannel === "undefined") return;
  began = true;
  const channel = new BroadcastChannel(CHANNEL);
  channel.onmessage = tell;
  addEventListener("online", tell);
  const listen = () =>
    new Promise<void>(() => {
      const stream = new EventSource("/api/live");
      const pass = () => {
        channel.postMessage(null);
        tell();
      };
      stream.onmessage = pass;
      // Back after a time without signal: what was stored meanwhile was told to nobody here.
      stream.onopen = pass;
    });
  // Whoever holds the lock listens, until its page goes; then another takes over.
  if (navigator.locks) void navigator.locks.request("pp-live", listen).catch(() => undefined);
  else void listen();
}
