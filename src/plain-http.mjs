// Behind something that speaks TLS, the name that people know is answered over TLS alone.

/** @param {string | undefined} host */
const nameOf = (host) => (host ?? "").replace(/:\d+$/, "").toLowerCase();
/** @param {string | undefined} address */
const isHere = (address) => /^(?:::1|(?:::ffff:)?127\.\d+\.\d+\.\d+)$/.test(address ?? "");

/**
 * Whether a request came in the clear to a name that is served over TLS. What stands before the server says how it was asked
 * (`x-forwarded-proto`); where it says nothing, only what comes from this machine can have come through it. Other names, such as
 * loopback's own, are not asked.
 * @param {{ host: string | undefined, proto: string | undefined, from: string | undefined }} asked
 * @param {string | undefined} publicUrl
 * @returns {boolean}
 * @example cameInTheClear({ host: "panes.example", proto: "http", from: "127.0.0.1" }, "https://panes.example") // true
 */
export function cameInTheClear({ host, proto, from }, publicUrl) {
  if (!publicUrl || !URL.canParse(publicUrl)) return false;
  const known = new URL(publicUrl);
  if (known.protocol !== "https:" || nameOf(host) !== known.hostname) return false;
  if (proto !== undefined) return proto.split(",")[0]?.trim().toLowerCase() !== "https";
  return !isHere(from);
}
