import { createEmptyCard, fsrs, generatorParameters, Rating } from "ts-fsrs";

/** No chance in it: the same answers give the same days. */
const scheduler = fsrs(generatorParameters({ enable_fuzz: false }));

/**
 * When an exercise is about to be forgotten, from the answers so far, the oldest first: by the free spaced repetition
 * scheduler, each right answer taken as good, each wrong one as forgotten. Null where there was none.
 */
export function comesAgain(all: readonly { readonly at: string; readonly right: boolean }[]): Date | null {
  const [first] = all;
  if (!first) return null;
  let card = createEmptyCard(new Date(first.at));
  for (const a of all) ({ card } = scheduler.next(card, new Date(a.at), a.right ? Rating.Good : Rating.Again));
  return card.due;
}
