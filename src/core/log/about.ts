import type { About } from "./kind-fact.ts";
import { type Entry, KINDS } from "./kinds.ts";

export type AboutError = { readonly kind: "about-missing"; readonly entry: string; readonly needs: keyof About };

/** What an entry should be about and is not. @example an order.line without a pane // needs "pane" */
export function aboutMissing(e: Entry): AboutError | null {
  const needs = KINDS[e.kind].about.find((k) => e.about[k] === undefined);
  return needs === undefined ? null : { kind: "about-missing", entry: e.id, needs };
}
