import { AsyncLocalStorage } from "node:async_hooks";
import type { Visitor } from "../../core/people/role.ts";

/** One request, as far as it matters who asks. */
export type Visit = {
  /** Whoever is signed in; null where nobody has to be, or nobody is. */
  readonly visitor: Visitor | null;
  /** The session it comes by. */
  readonly session: string | null;
  /** The shared tablet it comes from. */
  readonly tablet: string | null;
  readonly address: string;
  /** The address that people reach this by: what a passkey belongs to. */
  readonly origin: string;
  readonly agent: string;
  /** Set on the answer, whatever it is. */
  readonly cookies: string[];
};

const visits = new AsyncLocalStorage<Visit>();

export const during = <T>(visit: Visit, run: () => Promise<T>): Promise<T> => visits.run(visit, run);

/** The request that is being answered; null outside of one, as in a test of a use case. */
export const visit = (): Visit | null => visits.getStore() ?? null;

/** Whoever is signed in where this runs. */
export const visitor = (): Visitor | null => visit()?.visitor ?? null;
