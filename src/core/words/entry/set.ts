import { compoundById } from "../../bed/compounds.ts";
import type { SetPayloads } from "../../log/kinds/set.ts";
import { FACING_FACTS } from "../../set/facing.ts";
import { onDay, type WordsOf } from "./parts.ts";

/** Lines of the logbook about setting. */
export const SET_WORDS: WordsOf<SetPayloads> = {
  "set.done": (p) =>
    `Set ${onDay(p.day)} in ${p.as?.name ?? compoundById(p.compound)?.name ?? p.compound}${p.sprigs === null ? "" : `, ${p.sprigs} {sprigs}`}`,
  "set.material": (p) =>
    `Used: ${p.what}${p.batch ? `, batch ${p.batch}` : ""}${p.expiry ? `, good until ${onDay(p.expiry)}` : ""}`,
  "set.tag": (p) => (p.tag === "" ? "The sash came back without a tag" : "The sash's tag was read"),
  "set.facing": (p) => `Facing by its ${FACING_FACTS[p.sign].name}${p.seen ? `: ${p.seen}` : ""}`,
};
