import { errorOf } from "../log/send.ts";

/** What an endpoint of the people's answers, or what it says where it refuses. */
export async function postPeople<T = unknown>(
  path: string,
  body: unknown,
): Promise<{ readonly ok: true; readonly value: T } | { readonly ok: false; readonly message: string }> {
  const answer = await fetch(`/api/people/${path}`, {
    method: "POST",
    headers: { "content-type": "application/json" },
    body: JSON.stringify(body),
  }).catch(() => null);
  if (!answer) return { ok: false, message: "The server does not answer. Try again when there is a signal." };
  if (answer.ok) return { ok: true, value: (await answer.json()) as T };
  return { ok: false, message: (await errorOf(answer))?.message ?? `The server answered ${answer.status}.` };
}

/** What this device is called in the list of devices, until somebody calls it something else. */
export function deviceName(agent: string = navigator.userAgent): string {
  const kind = /iPhone|iPad|Android|Windows|Macintosh|CrOS|Linux/.exec(agent)?.[0] ?? "device";
  const NAMES: Record<string, string> = { Macintosh: "Mac", CrOS: "Chromebook", Android: "Android device" };
  return `${NAMES[kind] ?? kind}${/Mobile/.test(agent) && kind === "Linux" ? " phone" : ""}`;
}
