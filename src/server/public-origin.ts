/**
 * The address that people reach this server by, for tags and labels: PUBLIC_URL where it is set, else the name and port that
 * the request itself used.
 */
export function publicOrigin(request: Request): string {
  const set = process.env["PUBLIC_URL"];
  if (set && URL.canParse(set)) return new URL(set).origin;
  const host = request.headers.get("host");
  return host && URL.canParse(`http://${host}`) ? new URL(`http://${host}`).origin : new URL(request.url).origin;
}
