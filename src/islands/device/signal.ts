import { atom } from "nanostores";

/** Whether the server answered when it was last asked; nothing is known before. */
export const signal = atom<"there" | "gone" | "not-known">("not-known");

/** Hears of an answer, or that none came. Passes the answer on. */
export async function heard<T>(asking: Promise<T>): Promise<T> {
  try {
    const answer = await asking;
    signal.set("there");
    return answer;
  } catch (error) {
    signal.set("gone");
    throw error;
  }
}
