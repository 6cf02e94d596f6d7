/** What an entry is about. A pane's page shows all entries of the pane, and of the orders it stands on. */
export type About = {
  readonly round?: string | undefined;
  readonly pane?: string | undefined;
  readonly order?: string | undefined;
};

/** What is known of a kind of entry beside what it carries. */
export type KindFact<P> = {
  /** What it must be about. A strike is about whatever its target was. */
  readonly about: readonly (keyof About)[];
  /** Brings what an older version wrote up by one version; the first is from version 1. None: it never changed. */
  readonly up?: readonly ((was: unknown) => unknown)[];
} & (
  | {
      /** Each stands for itself: they add up, and nobody's undoes another's. */
      readonly key: null;
    }
  | {
      /** Of one subject and one key the newest counts. */
      readonly key: (payload: P) => string;
      /**
       * Where two wrote without seeing the other's: `whole`, the newer stands; `fields`, each field that only one of them changed
       * counts, and lists add up; `patch`, it carries only what it changes.
       */
      readonly apart: "whole" | "fields" | "patch";
    }
);

export type KindFactsOf<Payloads> = { readonly [K in keyof Payloads]: KindFact<Payloads[K]> };

/** There is one of it for whatever it is about. */
export const one = (): string => "";
