import type { Entry } from "../../core/log/kinds.ts";

export type Sent =
  | { readonly kind: "stored"; readonly ids: readonly string[] }
  | { readonly kind: "refused"; readonly message: string }
  | { readonly kind: "no-answer" };

/** Posts a batch. A server that does not answer, or breaks, is no refusal: the batch is sent again later. */
export async function sendEntries(batch: readonly Entry[]): Promise<Sent> {
  try {
    const answer = await fetch("/api/entries", {
      method: "POST",
      headers: { "content-type": "application/json" },
      body: JSON.stringify({ entries: batch }),
      keepalive: batch.length < 20,
    });
    const body = (await answer.json()) as { error?: { message?: string } };
    if (answer.ok) return { kind: "stored", ids: batch.map((e) => e.id) };
    if (answer.status >= 500) return { kind: "no-answer" };
    return { kind: "refused", message: body.error?.message ?? `The server refused it (${answer.status}).` };
  } catch {
    return { kind: "no-answer" };
  }
}
