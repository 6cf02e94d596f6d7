import type { Template } from "./template.ts";

/**
 * The word for so many of a thing, alone.
 * @example plural(1, "day") // "day"
 * @example plural(0, "entry", "entries") // "entries"
 */
export const plural = (n: number, one: string, many = `${one}s`): string => (n === 1 ? one : many);

/**
 * So many of a thing, with its word.
 * @example counted(1, "photo") // "1 photo"
 * @example counted(3, "entry", "entries") // "3 entries"
 */
export const counted = (n: number, one: string, many?: string): string => `${n} ${plural(n, one, many)}`;

/** How often. @example timesText(1) // "once" @example timesText(3) // "3 times" */
export const timesText = (n: number): string => (n === 1 ? "once" : `${n} times`);

/** So many panes, in the reader's word for them. @example panesText(2) // "2 {panes}" */
export const panesText = (n: number): Template => `${n} ${n === 1 ? "{pane}" : "{panes}"}`;
