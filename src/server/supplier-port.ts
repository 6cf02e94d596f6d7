import { TheirStateSchema } from "../contract/standin.ts";
import type { SupplierPort, TheirState } from "../core/order/port.ts";
import { fail, ok, type Result } from "../core/result.ts";
import { INNER } from "./people/inner.ts";

export type PortError =
  | { readonly kind: "no-answer"; readonly tries: number }
  | { readonly kind: "refused"; readonly says: string };

const TRIES = 3;
const WAIT_MS = 4000;
const BETWEEN_MS = [150, 600] as const;

/** Another system's answer, with a time limit and as many tries as are safe: every call carries a key, so none counts twice. */
async function reach(url: string, init: RequestInit): Promise<Result<TheirState, PortError>> {
  for (let at = 1; ; at++) {
    try {
      const headers = { ...(init.headers as Record<string, string>), ...keyFor(url) };
      const answer = await fetch(url, { ...init, headers, signal: AbortSignal.timeout(WAIT_MS) });
      const body: unknown = await answer.json().catch(() => null);
      const read = TheirStateSchema.safeParse(body);
      if (answer.ok && read.success) return ok(read.data as unknown as TheirState);
      // What they refuse once they refuse again; what broke on their side may pass.
      if (answer.status < 500) return fail({ kind: "refused", says: messageIn(body) });
    } catch {
      // No answer in time, or nobody there: tried again.
    }
    if (at === TRIES) return fail({ kind: "no-answer", tries: TRIES });
    await new Promise((on) => setTimeout(on, BETWEEN_MS[at - 1] ?? 1000));
  }
}

/** The key that they gave the firm; the simulated one takes that of this very process. */
const keyFor = (url: string): Record<string, string> => {
  const key = process.env["SUPPLIER_URL"] ? process.env["SUPPLIER_KEY"] : INNER;
  return key && url.startsWith(supplierBase()) ? { authorization: `Bearer ${key}` } : {};
};

const messageIn = (body: unknown): string =>
  (body as { readonly error?: { readonly message?: string } } | null)?.error?.message ?? "They did not say why.";

/** The port with its failures as values. */
export type TriedPort = {
  readonly [K in keyof SupplierPort]: (...args: Parameters<SupplierPort[K]>) => Promise<Result<TheirState, PortError>>;
};

const post = (body: unknown): RequestInit => ({
  method: "POST",
  headers: { "content-type": "application/json" },
  body: JSON.stringify(body),
});

/** A supplier's system over HTTP. The one that ships with the application stands behind the same three calls. */
export const httpSupplier = (base: string, today: () => number): TriedPort => ({
  hand: (order) => reach(`${base}/orders`, post(order)),
  answer: (key, question, answer) => reach(`${base}/answers`, post({ key, question, answer, day: today() })),
  ask: (key, day) => reach(`${base}/orders?${new URLSearchParams({ key, day: String(day) })}`, { method: "GET" }),
});

/** Where the supplier's system answers: as told, or the simulated one in this very application. */
export const supplierBase = (): string =>
  process.env["SUPPLIER_URL"] ??
  `${process.env["PLAIN_PANE_ORIGIN"] ?? `http://127.0.0.1:${process.env["PORT"] ?? 4321}`}/api/standin`;
