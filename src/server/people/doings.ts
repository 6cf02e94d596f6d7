import type { Doing } from "../../core/people/may.ts";

type Method = "GET" | "POST" | "PUT";
type Ways = { readonly [M in Method]?: Doing };

const read = (doing: Doing): Ways => ({ GET: doing });
const sum: Ways = { POST: "calculate" };

/**
 * What asking at each address is. The keys are the files under `src/pages`, and a test holds the two equal: an address that is
 * not here lets nobody in.
 */
export const DOINGS: { readonly [pattern: string]: Ways } = {
  "/": read("read-round"),
  "/404": read("come-in"),
  "/500": read("come-in"),
  "/account": read("own-account"),
  "/api": read("calculate"),
  "/api/[...unknown]": { GET: "calculate", POST: "calculate", PUT: "calculate" },
  "/api/archive": { GET: "take-out", POST: "take-out" },
  "/api/backups": { GET: "take-out", POST: "take-out" },
  "/api/calc/balance": sum,
  "/api/calc/critical-path": sum,
  "/api/calc/cutting": sum,
  "/api/calc/depth": sum,
  "/api/calc/desiccant": sum,
  "/api/calc/fit": sum,
  "/api/calc/fixings": sum,
  "/api/calc/heat": sum,
  "/api/calc/mass": sum,
  "/api/calc/odds": sum,
  "/api/calc/opening": sum,
  "/api/calc/packers": sum,
  "/api/calc/paint-window": sum,
  "/api/calc/pane": sum,
  "/api/calc/plate": sum,
  "/api/calc/putty": sum,
  "/api/calc/safety": sum,
  "/api/calc/sash-mass": sum,
  "/api/calc/score": sum,
  "/api/calc/sealant": sum,
  "/api/calc/size": sum,
  "/api/calc/stack": sum,
  "/api/calc/sticks": sum,
  "/api/calc/tape": sum,
  "/api/calc/thickness": sum,
  "/api/calc/toe-heel": sum,
  "/api/entries": { GET: "read-firm", POST: "write-work" },
  "/api/health": read("come-in"),
  "/api/instruments/pair": { POST: "write-work" },
  "/api/instruments/reading": { POST: "write-work" },
  "/api/instruments/stream": read("write-work"),
  "/api/live": read("calculate"),
  "/api/openapi.json": read("calculate"),
  "/api/orders/answer": { POST: "write-work" },
  "/api/orders/ask": { POST: "write-work" },
  "/api/orders/hand": { POST: "write-work" },
  "/api/orders/read": { POST: "write-work" },
  "/api/orders/schema.json": read("calculate"),
  "/api/panes/[id]": read("read-round"),
  "/api/people/accept": { POST: "come-in" },
  "/api/people/begin": { POST: "people" },
  "/api/people/change": { POST: "people" },
  "/api/people/end-key": { POST: "people" },
  "/api/people/end-session": { POST: "people" },
  "/api/people/invite": { POST: "people" },
  "/api/people/key": { POST: "people" },
  "/api/people/lock": { POST: "own-account" },
  "/api/people/passkey-add": { POST: "own-account" },
  "/api/people/passkey-ask": { POST: "come-in" },
  "/api/people/passkey-begin": { POST: "own-account" },
  "/api/people/passkey-in": { POST: "come-in" },
  "/api/people/password": { POST: "own-account" },
  "/api/people/pin": { POST: "own-account" },
  "/api/people/sign-in": { POST: "come-in" },
  "/api/people/sign-out": { POST: "come-in" },
  "/api/people/tablet": { POST: "people" },
  "/api/people/unlock": { POST: "come-in" },
  "/api/plan": read("read-firm"),
  "/api/plan/lay-out": sum,
  "/api/photos/[id]": { GET: "read-round", PUT: "write-work" },
  "/api/rounds/[id]": read("read-round"),
  "/api/rounds/[id]/kept": read("read-firm"),
  "/api/rounds/[id]/rows": read("read-round"),
  "/api/standin/answers": { POST: "supply" },
  "/api/standin/notes/[key].csv": read("supply"),
  "/api/standin/orders": { GET: "supply", POST: "supply" },
  // The key in it is looked at by the address itself: it is all that a calendar can bring.
  "/calendar/[key].ics": read("come-in"),
  "/device": read("calculate"),
  "/house": read("read-firm"),
  "/invite/[token]": read("come-in"),
  "/orders": read("read-firm"),
  "/orders/[id]": read("read-firm"),
  "/orders/[id]/labels.pdf": read("read-firm"),
  "/orders/[id]/lines.csv": read("read-firm"),
  "/orders/[id]/lines.json": read("read-firm"),
  "/orders/[id]/lines/[line]/template.dxf": read("read-firm"),
  "/orders/[id]/lines/[line]/template.svg": read("read-firm"),
  "/orders/[id]/order.pdf": read("read-firm"),
  "/orders/[id]/order.txt": read("read-firm"),
  "/orders/[id]/sheet": read("read-firm"),
  "/panes/[id]/[...view]": read("read-round"),
  "/panes/[id]/aftercare.ics": read("read-round"),
  "/panes/[id]/aftercare.pdf": read("read-round"),
  "/panes/[id]/options": read("read-round"),
  "/panes/[id]/tags": read("read-round"),
  "/panes/new": read("write-work"),
  "/people": read("people"),
  "/plan": read("read-firm"),
  "/plan/day": read("read-firm"),
  "/plan/day.ics": read("read-firm"),
  "/rounds": read("read-firm"),
  "/rounds/[id]/kit": read("read-round"),
  "/rounds/[id]/openings": read("read-round"),
  "/rounds/[id]/openings.csv": read("read-round"),
  "/rounds/[id]/quote": read("read-firm"),
  "/rounds/[id]/quotes/[quote].pdf": read("read-firm"),
  "/rounds/new": read("write-work"),
  "/sheets/measuring": read("read-firm"),
  "/sign-in": read("come-in"),
  "/words": read("calculate"),
};

/**
 * What is done by asking so at an address; null where that is not known, and nobody may.
 * @example doingOf("/api/entries", "POST") // "write-work"
 */
export function doingOf(pattern: string, method: string): Doing | null {
  const ways = Object.hasOwn(DOINGS, pattern) ? DOINGS[pattern] : undefined;
  // HEAD reads as GET does. What no row has is answered by the address itself, with 405.
  const way = method === "HEAD" ? "GET" : method;
  return ways ? (ways[way as Method] ?? Object.values(ways)[0] ?? null) : null;
}
