import { countRounds, pageOfRounds } from "../db/lists.ts";
import { theDatabase } from "./the-database.ts";

const ROUNDS_AT_ONCE = 100;

/** All rounds, the newest first, a page of them; pages are counted from 1. */
export function roundsPage(asked: string | null) {
  const db = theDatabase();
  const pages = Math.max(1, Math.ceil(countRounds(db) / ROUNDS_AT_ONCE));
  const page = Math.min(pages, Math.max(1, Math.floor(Number(asked)) || 1));
  return { rounds: pageOfRounds(db, { most: ROUNDS_AT_ONCE, from: (page - 1) * ROUNDS_AT_ONCE }), page, pages };
}
