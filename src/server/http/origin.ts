/** A page of another site must not write here through its visitor's browser. Programs that send no Origin may. */
export function isForeign(request: Request): boolean {
  if (request.headers.get("sec-fetch-site") === "cross-site") return true;
  const origin = request.headers.get("origin");
  if (origin === null) return false;
  const host = request.headers.get("host");
  return !URL.canParse(origin) || new URL(origin).host !== host;
}
