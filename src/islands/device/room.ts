/** Less free than this, and photos of a day may not fit, bytes. */
const LEAST_FREE = 60_000_000;

export type Room = {
  /** The browser promised not to clear this away by itself; null where it cannot say. */
  readonly isPersistent: boolean | null;
  readonly isNearlyFull: boolean;
  readonly freeMb: number | null;
};

/** Asks the browser not to clear away what is kept here. It may ask its owner, or refuse. */
export async function askToPersist(): Promise<void> {
  try {
    if ((await navigator.storage?.persisted?.()) === false) await navigator.storage.persist();
  } catch {
    // What is kept may be cleared when the device is full: what waits is sent as soon as it can.
  }
}

/** How much room there is for what waits. */
export async function roomHere(): Promise<Room> {
  try {
    const [{ quota, usage }, isPersistent] = await Promise.all([
      navigator.storage.estimate(),
      navigator.storage.persisted(),
    ]);
    const free = quota === undefined || usage === undefined ? null : quota - usage;
    return {
      isPersistent,
      isNearlyFull: free !== null && free < LEAST_FREE,
      freeMb: free === null ? null : Math.floor(free / 1e6),
    };
  } catch {
    return { isPersistent: null, isNearlyFull: false, freeMb: null };
  }
}
