import type { Entry } from "../../core/log/kinds.ts";
import { heard } from "../device/signal.ts";
import { leaveLost } from "../device/wipe.ts";
import { hearServerClock } from "./device-clock.ts";

export type Sent =
  | { readonly kind: "stored"; readonly ids: readonly string[] }
  /** Something in it is wrong: sending it again changes nothing. */
  | { readonly kind: "refused"; readonly code: string; readonly message: string }
  /** The server broke on it, or it was too much at once: fewer may go through. */
  | { readonly kind: "stumbled"; readonly message: string }
  /** The server takes nothing now, and says why: its disk is full, its file is gone. */
  | { readonly kind: "closed"; readonly message: string }
  | { readonly kind: "no-answer" };

/** Codes of answers that are about the server's file and not about what was sent. */
const CLOSED = new Set(["disk-full", "read-only", "busy", "damaged", "disk-fails", "file-gone"]);
/** Refusals that are about who asks, or how often, and not about what was sent. */
const NOT_NOW = new Set([401, 403, 408, 421, 425, 429]);

/** Posts a batch. Whether it may be sent again, and in which pieces, follows from the kind of answer. */
export async function sendEntries(batch: readonly Entry[]): Promise<Sent> {
  let answer: Response;
  const asked = Date.now();
  try {
    answer = await heard(
      fetch("/api/entries", {
        method: "POST",
        headers: { "content-type": "application/json" },
        body: JSON.stringify({ entries: batch }),
        keepalive: batch.length < 20,
      }),
    );
  } catch {
    return { kind: "no-answer" };
  }
  hearServerClock(answer.headers.get("x-now"), asked, Date.now());
  if (answer.ok) return { kind: "stored", ids: batch.map((e) => e.id) };
  const error = await errorOf(answer);
  if (error?.code === "device-lost") await leaveLost();
  const message = error?.message ?? `The server answered ${answer.status}.`;
  if (error && CLOSED.has(error.code)) return { kind: "closed", message };
  // Something between here and the server answers in its place.
  if (error === null && answer.status >= 500) return { kind: "no-answer" };
  if (NOT_NOW.has(answer.status)) return { kind: "closed", message };
  if (answer.status >= 500 || answer.status === 413) return { kind: "stumbled", message };
  return { kind: "refused", code: error?.code ?? "", message };
}

/** What a refusal says; null where it is none of ours, as of something between here and the server. */
export async function errorOf(answer: Response): Promise<{ readonly code: string; readonly message: string } | null> {
  try {
    const body = (await answer.json()) as { error?: { code?: unknown; message?: unknown } };
    const { code, message } = body.error ?? {};
    return typeof code === "string" && typeof message === "string" ? { code, message } : null;
  } catch {
    return null;
  }
}
