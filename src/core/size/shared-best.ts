import { type FindBest, rememberBest } from "./best.ts";

/** Openings whose best is remembered: a few rounds' worth. */
const REMEMBERED = 2000;

/**
 * The best for an opening, remembered by everybody in this process: a page that is drawn on the server finds what its round's
 * line found, and a page in use what its last key did. The same opening has the same best whoever asks.
 */
export const sharedFindBest: FindBest = rememberBest(REMEMBERED);
