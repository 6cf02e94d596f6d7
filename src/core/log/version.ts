import { type EntryOf, KINDS, type Kind } from "./kinds.ts";

/** The version in which payloads of a kind are written now. @example versionOf("measure.reading") // 1 */
export const versionOf = (kind: Kind): number => (KINDS[kind].up?.length ?? 0) + 1;

/**
 * A payload as this version writes it, of what an older one wrote; of a newer one, null: only a newer application knows it.
 * Steps from one version to the next are taken one by one. Never throws what a step throws: what cannot be brought up stays.
 * @example broughtUp("measure.reading", 1, { place: "width-top", text: "612", unit: "mm" }) // the same
 */
export function broughtUp(
  kind: Kind,
  from: number,
  payload: unknown,
  steps: readonly ((was: unknown) => unknown)[] = KINDS[kind].up ?? [],
): { readonly payload: unknown } | null {
  if (from > steps.length + 1) return null;
  try {
    return { payload: steps.slice(Math.max(0, from - 1)).reduce((p, step) => step(p), payload) };
  } catch {
    return { payload };
  }
}

/** What is said of its version where it is not the first: most kinds never changed. */
export const markedVersion = (kind: Kind): Pick<EntryOf<Kind>, "v"> => {
  const v = versionOf(kind);
  return v === 1 ? {} : { v };
};
