/**
 * Makes a thing once for all who ask for it while it is being made. What fails, fails for all of them, and is made anew for
 * the next.
 * @example const once = madeOnce<Page>(); once("round", make); once("round", make) // one make, the same page twice
 */
export function madeOnce<T>(): (key: string, make: () => Promise<T>) => Promise<T> {
  const making = new Map<string, Promise<T>>();
  return (key, make) => {
    const same = making.get(key);
    if (same) return same;
    const made = make().finally(() => making.delete(key));
    making.set(key, made);
    return made;
  };
}
