/** Runs a job until its median settles, and tells how long one run takes, in milliseconds. */
export function timed(
  name: string,
  job: () => unknown,
  runs = 400,
): { readonly name: string; readonly median: number; readonly p95: number } {
  for (let i = 0; i < Math.min(60, runs); i++) job();
  const each: number[] = [];
  for (let i = 0; i < runs; i++) {
    const from = performance.now();
    job();
    each.push(performance.now() - from);
  }
  each.sort((a, b) => a - b);
  const at = (share: number): number => each[Math.floor(each.length * share)] ?? 0;
  return { name, median: at(0.5), p95: at(0.95) };
}

export const ms = (v: number): string => `${v < 10 ? v.toFixed(2) : v.toFixed(0)} ms`;
