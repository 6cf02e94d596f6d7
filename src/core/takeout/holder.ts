/** What keeps a pane up once its last bead is off. */
export const HOLDERS = ["helper", "tape", "hand", "bond", "lying"] as const;
export type Holder = (typeof HOLDERS)[number];

export const HOLDER_FACTS: Readonly<Record<Holder, string>> = {
  helper: "a helper's hands",
  tape: "tape across to the frame",
  hand: "my own hand",
  bond: "the old bond, still tight",
  lying: "the sash lies flat",
};

/**
 * Why what holds it is not enough; null where it is. Nothing said yet asks for it.
 * @example my own hand, first floor // "Upstairs one hand is not enough: …"
 */
export function holderSays(
  held: readonly Holder[],
  at: { readonly storey: number | null; readonly heavy: boolean; readonly broken: boolean },
): string | null {
  if (held.length === 0) return "Say what has it before the last one goes: tape across to the frame, or a helper.";
  if (held.includes("lying") || held.includes("helper")) return null;
  if (at.heavy) return "Too heavy to leave to tape or one hand: a helper, or the sash laid flat.";
  if (at.broken && !held.includes("tape")) return "Holed glass can come apart: tape across it, or a helper.";
  if ((at.storey ?? 0) > 0 && held.every((h) => h === "hand"))
    return "Upstairs one hand is not enough: tape across to the frame, or a helper.";
  if (held.every((h) => h === "bond")) return "A bond that looks tight lets go all at once: tape across as well.";
  return null;
}
