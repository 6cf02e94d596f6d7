/** Where a function that rises from one end to the other passes a value, by halving, as near as numbers go. */
export function halved(rises: (x: number) => number, value: number, from: number, to: number): number {
  let [lo, hi] = [from, to];
  for (let i = 0; i < 200; i++) {
    const middle = (lo + hi) / 2;
    if (middle === lo || middle === hi) break;
    if (rises(middle) < value) lo = middle;
    else hi = middle;
  }
  return (lo + hi) / 2;
}
