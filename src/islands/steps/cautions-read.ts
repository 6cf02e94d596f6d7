const SEEN = "pp-cautions-read";

/** Which of these cautions this browser has never shown in full, so many at a time at most; from now on it has. */
export function takeUnread(ids: readonly string[], most = ids.length): readonly string[] {
  const seen = new Set((localStorage.getItem(SEEN) ?? "").split(" ").filter(Boolean));
  const fresh = ids.filter((id) => !seen.has(id)).slice(0, most);
  if (fresh.length > 0) localStorage.setItem(SEEN, [...seen, ...fresh].join(" "));
  return fresh;
}
