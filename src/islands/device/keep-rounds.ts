import type { KeptPage } from "../../contract/kept.ts";
import type { Entry } from "../../core/log/kinds.ts";
import { handsStill } from "./hands-still.ts";
import { forgetKept, forgetRound, type KeptRound, keptRounds, takeKept, wantRound } from "./kept-store.ts";
import { heard } from "./signal.ts";

/** A round that nobody opened on this device for so long is let go. */
const WANTED_MS = 7 * 86_400_000;
/** So many at once, the newest asked for. */
const MOST_ROUNDS = 6;
/** Where the service worker finds photos. */
export const PHOTOS = "pp-photos-small";
const SMALL = 640;

/** Keeps a round on this device from now on, and fetches it. */
export async function keepRound(id: string): Promise<void> {
  await wantRound(id, Date.now());
  await bringUp();
}

let running: Promise<void> | null = null;

/** Brings what is kept here up to the server's log. One page of this browser does it for all; without a signal nothing changes. */
export function bringUp(): Promise<void> {
  running ??= locked(async () => {
    const rounds = [...(await keptRounds())].sort((a, b) => b.wantedAt - a.wantedAt);
    for (const [i, r] of rounds.entries()) {
      if (i >= MOST_ROUNDS || Date.now() - r.wantedAt > WANTED_MS) await forgetRound(r.id);
      else if (!(await fetchRound(r))) return;
    }
  }).finally(() => {
    running = null;
  });
  return running;
}

const locked = async (run: () => Promise<void>): Promise<void> => {
  if (!navigator.locks) return run();
  await navigator.locks.request("pp-kept", { ifAvailable: true }, async (lock) => {
    if (lock) await run();
  });
};

/** What came, a page at a time, each kept before the next is asked for. False without an answer. */
async function fetchRound({ id, through }: KeptRound): Promise<boolean> {
  let after = through;
  for (;;) {
    await handsStill();
    const answer = await heard(fetch(`/api/rounds/${id}/kept?after=${after}`)).catch(() => null);
    if (!answer) return false;
    // Struck, or on another firm's file: it is nothing to keep.
    if (answer.status === 404) {
      await forgetRound(id);
      return true;
    }
    if (!answer.ok) return false;
    // An answer of a thousand entries is not taken apart in the middle of a turn of the wheel.
    await handsStill();
    const page = (await answer.json()) as KeptPage;
    await takeKept(id, page, Date.now());
    if (page.entries.some((e) => e.kind === "customer.forgotten")) await forgetPhotos(await forgetKept());
    void keepPhotos(page.entries as readonly Entry[]);
    if (!page.more) return true;
    after = page.through;
  }
}

/** Pictures of whoever asked to be forgotten leave this device too. */
async function forgetPhotos(photos: readonly string[]): Promise<void> {
  if (photos.length === 0 || typeof caches === "undefined") return;
  const kept = await caches.open(PHOTOS).catch(() => null);
  for (const photo of photos) await kept?.delete(`/api/photos/${photo}`);
}

/** Photos come after words, small, one at a time. */
async function keepPhotos(entries: readonly Entry[]): Promise<void> {
  const photos = entries.flatMap((e) => (e.kind === "photo.added" ? [e.payload.photo] : []));
  if (photos.length === 0 || typeof caches === "undefined") return;
  const kept = await caches.open(PHOTOS).catch(() => null);
  if (!kept) return;
  for (const photo of photos) {
    const path = `/api/photos/${photo}`;
    if (await kept.match(path)) continue;
    const small = await fetch(`${path}?side=${SMALL}`).catch(() => null);
    if (!small) return;
    if (small.ok) await kept.put(path, small).catch(() => undefined);
  }
}
