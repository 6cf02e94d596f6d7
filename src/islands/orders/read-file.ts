import type { NoteFile, OrderFile } from "../../contract/order-file.ts";

export type ReadError = { readonly row: number; readonly says: string };
export type FileRead<T extends "order" | "note"> =
  | ({ readonly ok: true } & (T extends "order" ? { readonly order: OrderFile } : { readonly note: NoteFile }))
  | { readonly ok: false; readonly errors: readonly ReadError[] };

/** Reads a file on the server, where its rows are checked by the same schemas as everything that comes in. */
export async function readFileAs<T extends "order" | "note">(what: T, file: File): Promise<FileRead<T>> {
  const wrong = (says: string) => ({ ok: false, errors: [{ row: 1, says }] }) as FileRead<T>;
  const format = /\.json$/i.test(file.name) || file.type === "application/json" ? "json" : "csv";
  try {
    const answer = await fetch("/api/orders/read", {
      method: "POST",
      headers: { "content-type": "application/json" },
      body: JSON.stringify({ what, format, text: await file.text() }),
    });
    const body = (await answer.json()) as {
      readonly order?: OrderFile | null;
      readonly note?: NoteFile | null;
      readonly errors?: readonly ReadError[];
      readonly error?: { readonly message?: string };
    };
    if (!answer.ok) return wrong(body.error?.message ?? "The file was not read.");
    if (body.errors && body.errors.length > 0) return { ok: false, errors: body.errors };
    return { ok: true, order: body.order, note: body.note } as unknown as FileRead<T>;
  } catch {
    return wrong("No signal: the file was not read. Try again.");
  }
}
