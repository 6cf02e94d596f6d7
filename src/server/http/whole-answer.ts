import { promisify } from "node:util";
import { brotliCompress, constants, gzip } from "node:zlib";

const packBr = promisify(brotliCompress);
const packGz = promisify(gzip);

const TEXT = /^(?:text\/(?!event-stream)|application\/(?:json|javascript|xml)|image\/svg\+xml)/;
/** Shorter than this, packing saves no packet. */
const LEAST_BYTES = 1400;

/**
 * Reads an answer to its end, so that an error in making it is thrown here and not in the middle of what was sent; packs text
 * as the reader takes it. Pages carry people's names and addresses: no shared cache may keep them. A stream stays one.
 */
export async function wholeAnswer(request: Request, answer: Response): Promise<Response> {
  const type = answer.headers.get("content-type") ?? "";
  // A page that was found under another address has been through here already.
  const isDone = answer.headers.has("content-encoding");
  if (type.startsWith("text/event-stream") || answer.body === null || isDone) return answer;
  const headers = new Headers(answer.headers);
  if (!headers.has("cache-control")) headers.set("cache-control", "private, no-store");
  const body = new Uint8Array(await answer.arrayBuffer());
  const packed = TEXT.test(type) && body.length >= LEAST_BYTES ? await pack(request, body) : null;
  if (TEXT.test(type)) headers.append("vary", "accept-encoding");
  if (packed) headers.set("content-encoding", packed.as);
  headers.set("content-length", String((packed?.body ?? body).length));
  return new Response(packed?.body ?? body, { status: answer.status, statusText: answer.statusText, headers });
}

async function pack(
  request: Request,
  body: Uint8Array,
): Promise<{ readonly as: string; readonly body: Uint8Array<ArrayBuffer> } | null> {
  const takes = request.headers.get("accept-encoding") ?? "";
  if (/\bbr\b/.test(takes))
    return {
      as: "br",
      body: new Uint8Array(
        await packBr(body, {
          params: { [constants.BROTLI_PARAM_QUALITY]: 4, [constants.BROTLI_PARAM_SIZE_HINT]: body.length },
        }),
      ),
    };
  if (/\bgzip\b/.test(takes)) return { as: "gzip", body: new Uint8Array(await packGz(body, { level: 5 })) };
  return null;
}
