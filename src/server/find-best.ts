import { type FindBest, rememberBest } from "../core/size/best.ts";

/** Openings whose best is remembered between requests: a few rounds' worth. */
const REMEMBERED = 2000;

export const serverFindBest: FindBest = rememberBest(REMEMBERED);
