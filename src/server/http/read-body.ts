import { fail, ok, type Result } from "../../core/result.ts";

export const MOST_BYTES = 1_048_576;

export type BodyError =
  | { readonly kind: "wrong-type"; readonly found: string }
  | { readonly kind: "too-large" }
  | { readonly kind: "not-json" };

/** Reads a JSON body, and stops reading as soon as it is longer than a megabyte, whatever its header says. */
export async function readJson(request: Request): Promise<Result<unknown, BodyError>> {
  const type = request.headers.get("content-type")?.split(";")[0]?.trim().toLowerCase() ?? "";
  if (type !== "application/json") return fail({ kind: "wrong-type", found: type });
  if (Number(request.headers.get("content-length") ?? 0) > MOST_BYTES) return fail({ kind: "too-large" });
  const read = await readBytes(request, MOST_BYTES);
  if (!read.ok) return fail({ kind: "too-large" });
  try {
    return ok(JSON.parse(new TextDecoder("utf-8", { fatal: true }).decode(read.value)));
  } catch {
    return fail({ kind: "not-json" });
  }
}

/** Reads a body of at most so many bytes, and stops as soon as it is longer. */
export async function readBytes(
  request: Request,
  most: number,
): Promise<Result<Uint8Array, { readonly kind: "too-large"; readonly mb: number }>> {
  const said = Number(request.headers.get("content-length") ?? 0);
  if (said > most) return fail({ kind: "too-large", mb: said / 1e6 });
  const chunks: Uint8Array[] = [];
  let size = 0;
  const reader = request.body?.getReader();
  for (let part = await reader?.read(); part && !part.done; part = await reader?.read()) {
    size += part.value.byteLength;
    if (size > most) {
      await reader?.cancel();
      return fail({ kind: "too-large", mb: size / 1e6 });
    }
    chunks.push(part.value);
  }
  return ok(new Uint8Array(Buffer.concat(chunks)));
}
