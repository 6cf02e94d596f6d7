import { RateLimiterMemory } from "rate-limiter-flexible";

const QUARTER_HOUR_S = 900;

/** Tries at a password, for one name, and from one address. */
const byName = new RateLimiterMemory({ points: 10, duration: QUARTER_HOUR_S });
const byAddress = new RateLimiterMemory({ points: 60, duration: QUARTER_HOUR_S });
/** What one session, or one key, sends to be written. */
const writes = new RateLimiterMemory({ points: 1200, duration: 60 });

/** Minutes to wait, where this was one try too many; null where it may go on. */
async function waits(limit: RateLimiterMemory, key: string): Promise<number | null> {
  try {
    await limit.consume(key);
    return null;
  } catch (over) {
    return Math.max(1, Math.ceil((over as { readonly msBeforeNext: number }).msBeforeNext / 60_000));
  }
}

export const tooManyTries = async (name: string, address: string): Promise<number | null> =>
  (await waits(byAddress, address)) ?? (await waits(byName, name.trim().toLowerCase()));

/** They got it right: what they mistyped before counts no more. */
export const triesForgiven = async (name: string): Promise<void> => {
  await byName.delete(name.trim().toLowerCase());
};

export const tooManyWrites = (who: string): Promise<number | null> => waits(writes, who);
