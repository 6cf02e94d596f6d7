import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { z } from "zod";
import { ROUTES } from "../../src/contract/routes.ts";
import { seeded } from "../../src/core/chance/seeded.ts";
import { freshFile, type Served, serve, stop } from "./server.ts";

let served: Served;
let longestMs = 0;
let asks = true;
let asking: Promise<void> | undefined;
/** Somebody else, who asks for something small all the while. */
async function ask(): Promise<void> {
  while (asks) {
    const at = performance.now();
    await fetch(`${served.url}/api/health`).then((r) => r.text());
    longestMs = Math.max(longestMs, performance.now() - at);
    await new Promise((on) => setTimeout(on, 100));
  }
}
beforeAll(async () => {
  served = await serve(freshFile("fuzz"));
  asking = ask();
});
afterAll(async () => {
  // The last question is answered before the server goes.
  asks = false;
  await asking;
  console.info(`The longest anybody else waited: ${Math.round(longestMs)} ms.`);
  await stop(served, "SIGKILL");
});

const chance = seeded(20261127);
const below = (n: number): number => Math.floor(chance.uniform() * n);
const oneOf = <T>(items: readonly T[]): T => items[below(items.length)] as T;

type Json = Readonly<Record<string, unknown>>;

/** What people, bar code readers and broken programs send. */
const NONSENSE: readonly unknown[] = [
  null,
  "",
  "0",
  "-1",
  "999999999",
  "1e9",
  "23 11/16",
  "34⅝-",
  "0026-05-20",
  "2026-02-30",
  "x".repeat(70),
  "=1+1",
  "<script>",
  "\u0000",
  -1,
  0,
  1e-9,
  1.5,
  9007199254740991,
  1e308,
  true,
  [],
  {},
  [[]],
];
const LENGTHS: readonly unknown[] = [
  "600",
  "900.5",
  "23 11/16",
  { mm: 12.5 },
  { nm: 600_000_000 },
  { mm: 10_000 },
  "0",
  { nm: 1 },
];

/** A value by its JSON schema, wrong here and there. */
function make(schema: Json, defs: Json, wrong: number, deep = 0): unknown {
  if (chance.uniform() < wrong) return oneOf(NONSENSE);
  const ref = schema["$ref"];
  if (typeof ref === "string") {
    if (ref.endsWith("LengthIn")) return oneOf(LENGTHS);
    return make((defs[ref.split("/").at(-1) ?? ""] ?? {}) as Json, defs, wrong, deep + 1);
  }
  const any = (schema["anyOf"] ?? schema["oneOf"]) as readonly Json[] | undefined;
  if (any) return deep > 12 ? null : make(oneOf(any), defs, wrong, deep + 1);
  if (schema["enum"]) return oneOf(schema["enum"] as readonly unknown[]);
  if ("const" in schema) return schema["const"];
  switch (schema["type"]) {
    case "object": {
      const properties = (schema["properties"] ?? {}) as Readonly<Record<string, Json>>;
      const required = new Set((schema["required"] ?? []) as readonly string[]);
      return Object.fromEntries(
        Object.entries(properties).flatMap(([k, s]) =>
          required.has(k) || chance.uniform() < 0.6 ? [[k, make(s, defs, wrong, deep + 1)]] : [],
        ),
      );
    }
    case "array": {
      const tuple = schema["prefixItems"] as readonly Json[] | undefined;
      if (tuple) return tuple.map((item) => make(item, defs, wrong, deep + 1));
      const most = Math.min(Number(schema["maxItems"] ?? 4), 5);
      const least = Number(schema["minItems"] ?? 0);
      return Array.from({ length: Math.max(least, below(most + 1)) }, () =>
        make((schema["items"] ?? {}) as Json, defs, wrong, deep + 1),
      );
    }
    case "number":
    case "integer": {
      const lo = Number(schema["minimum"] ?? -10);
      const hi = Number(schema["maximum"] ?? 1000);
      const at = oneOf([lo, hi, lo + chance.uniform() * (Math.min(hi, lo + 3000) - lo)]);
      return schema["type"] === "integer" ? Math.floor(at) : at;
    }
    case "boolean":
      return chance.uniform() < 0.5;
    case "string":
      return schema["format"] === "uuid"
        ? "01900000-0000-7000-8000-00000000000a"
        : schema["format"] === "date"
          ? oneOf(["2026-05-20", "2000-01-01", "2100-12-31", "2026-02-29"])
          : oneOf(["600", "23 11/16", "Nell", "2026-05-20T08:00:00.000Z"]);
    default:
      return null;
  }
}

/** FUZZ_EACH=2000 makes a long night of it. */
const EACH = Number(process.env["FUZZ_EACH"] ?? 25);
/** A copy of the whole firm, opened and looked through, is made for each of these: a few say as much. */
const COPIES = Math.min(EACH, 6);
/** One case alone may take twenty seconds, in a thread of its own; then it is answered that it takes too long. */
const BLOCKING_MS = 90_000;
/** A long night is given the time it needs. */
const ALLOWED_MS = 240_000 + EACH * 2_000;

describe("whatever is sent", () => {
  it.each(ROUTES.map((r) => [`${r.method} ${r.path}`, r] as const))(
    "%s answers in words, and soon",
    async (_, route) => {
      const schema = route.input ? (z.toJSONSchema(route.input, { io: "input", unrepresentable: "any" }) as Json) : {};
      const defs = (schema["$defs"] ?? {}) as Json;
      for (let i = 0; i < (route.path === "/api/backups" ? COPIES : EACH); i++) {
        const input = make(schema, defs, i % 3 === 0 ? 0 : 0.12);
        const at = performance.now();
        const answer =
          route.method === "get"
            ? await fetch(
                `${served.url}${route.path.replace(/\{\w+\}/, () => encodeURIComponent(String(oneOf(NONSENSE)) || " "))}?${new URLSearchParams(
                  Object.entries((input ?? {}) as Json).map(([k, v]) => [k, String(v)]),
                )}`,
              )
            : await fetch(served.url + route.path, {
                method: "POST",
                headers: { "content-type": "application/json" },
                body: JSON.stringify(input),
              });
        const text = await answer.text();
        const took = performance.now() - at;
        const sent = JSON.stringify(input).slice(0, 600);
        expect([answer.status >= 500 && answer.status !== 503, sent, text.slice(0, 200)]).toEqual([
          false,
          sent,
          text.slice(0, 200),
        ]);
        expect([took < BLOCKING_MS, took, sent]).toEqual([true, took, sent]);
        if (!answer.ok) expect(text).toMatch(/"message":"[^"]{8,}/);
        expect(text).not.toMatch(/NaN|Infinity|undefined/);
      }
    },
    ALLOWED_MS,
  );
});
