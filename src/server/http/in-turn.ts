/**
 * Lets so many do their work at a time; the rest wait in the order they came. What takes the processor is not faster begun
 * together: all of it would end at the end.
 * @example const turn = inTurn(2); turn(makePage) // the third waits until one of the first two is done
 */
export function inTurn(most: number): <T>(work: () => Promise<T>) => Promise<T> {
  const waiting: (() => void)[] = [];
  let busy = 0;
  return async (work) => {
    if (busy >= most) await new Promise<void>((on) => waiting.push(on));
    else busy++;
    try {
      return await work();
    } finally {
      // Whoever is next takes over the place, and nobody who comes meanwhile slips in before; what is done is sent first.
      const next = waiting.shift();
      if (next) setImmediate(next);
      else busy--;
    }
  };
}
