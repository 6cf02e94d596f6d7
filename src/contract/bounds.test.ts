import { describe, expect, it } from "vitest";
import { z } from "zod";
import { ROUTES } from "./routes.ts";

/* Whatever an endpoint takes is bounded, and its schema says how: nobody can send it more than it can bear. */

type Node = {
  readonly type?: string | readonly string[];
  readonly anyOf?: readonly Node[];
  readonly oneOf?: readonly Node[];
  readonly allOf?: readonly Node[];
  readonly properties?: Readonly<Record<string, Node>>;
  readonly additionalProperties?: Node | boolean;
  readonly propertyNames?: Node;
  readonly items?: Node | false;
  readonly prefixItems?: readonly Node[];
  readonly enum?: readonly unknown[];
  readonly const?: unknown;
  readonly $ref?: string;
  readonly $defs?: Readonly<Record<string, Node>>;
  readonly maxLength?: number;
  readonly maxItems?: number;
  readonly minimum?: number;
  readonly exclusiveMinimum?: number;
  readonly maximum?: number;
  readonly exclusiveMaximum?: number;
  readonly format?: string;
  readonly pattern?: string;
};

/** What has no end, by its path. */
function endless(node: Node, defs: Readonly<Record<string, Node>>, path: string, seen: readonly string[]): string[] {
  if (node.$ref !== undefined) {
    const name = node.$ref.replace(/^#\/\$defs\//, "");
    const target = defs[name];
    return target && !seen.includes(name) ? endless(target, defs, path, [...seen, name]) : [];
  }
  const into = (n: Node, at: string) => endless(n, defs, at, seen);
  const out: string[] = [];
  for (const n of [...(node.anyOf ?? []), ...(node.oneOf ?? []), ...(node.allOf ?? [])]) out.push(...into(n, path));
  for (const [key, n] of Object.entries(node.properties ?? {})) out.push(...into(n, `${path}.${key}`));
  if (typeof node.additionalProperties === "object") {
    const names = node.propertyNames;
    if (
      !names?.enum &&
      names?.const === undefined &&
      names?.maxLength === undefined &&
      !names?.anyOf &&
      !names?.pattern
    )
      out.push(`${path}.* (names)`);
    out.push(...into(node.additionalProperties, `${path}.*`));
  }
  if (node.prefixItems) for (const [i, n] of node.prefixItems.entries()) out.push(...into(n, `${path}.${i}`));
  if (node.items) out.push(...into(node.items, `${path}[]`));
  if (node.enum || node.const !== undefined) return out;
  const types = [node.type ?? []].flat();
  if (
    types.includes("string") &&
    node.maxLength === undefined &&
    node.format === undefined &&
    node.pattern === undefined
  )
    out.push(`${path} (text)`);
  if (types.includes("array") && node.maxItems === undefined && !node.prefixItems) out.push(`${path} (list)`);
  const isNumber = types.includes("number") || types.includes("integer");
  if (isNumber && (node.minimum ?? node.exclusiveMinimum) === undefined) out.push(`${path} (least)`);
  if (isNumber && (node.maximum ?? node.exclusiveMaximum) === undefined) out.push(`${path} (most)`);
  return out;
}

const taken = ROUTES.flatMap((r) => (r.input ? [[`${r.method} ${r.path}`, r.input] as const] : []));

describe("every text, list and number that an endpoint takes has a bound in its schema", () => {
  it.each(taken)("%s", (_, input) => {
    const schema = z.toJSONSchema(input, { io: "input", unrepresentable: "any" }) as Node;
    expect(endless(schema, schema.$defs ?? {}, "", [])).toEqual([]);
  });
});

type Step = string | number;
type Bound = { readonly path: readonly Step[]; readonly at: unknown; readonly beyond: unknown; readonly says: string };

/** Each bound with a value that stands at it and one that goes beyond. */
function bounds(
  node: Node,
  defs: Readonly<Record<string, Node>>,
  path: readonly Step[],
  seen: readonly string[],
): Bound[] {
  if (node.$ref !== undefined) {
    const name = node.$ref.replace(/^#\/\$defs\//, "");
    const target = defs[name];
    return target && !seen.includes(name) ? bounds(target, defs, path, [...seen, name]) : [];
  }
  const out: Bound[] = [];
  const into = (n: Node, at: Step) => out.push(...bounds(n, defs, [...path, at], seen));
  for (const n of [...(node.anyOf ?? []), ...(node.oneOf ?? []), ...(node.allOf ?? [])])
    out.push(...bounds(n, defs, path, seen));
  for (const [key, n] of Object.entries(node.properties ?? {})) into(n, key);
  if (node.items) into(node.items, 0);
  const says = (kind: string) => `${path.join(".")} ${kind}`;
  if (node.maxLength !== undefined)
    out.push({ path, at: "x".repeat(node.maxLength), beyond: "x".repeat(node.maxLength + 1), says: says("text") });
  if (node.maxItems !== undefined)
    out.push({
      path,
      at: undefined,
      beyond: Array.from({ length: node.maxItems + 1 }, () => ({})),
      says: says("list"),
    });
  const near = node.type === "integer" ? 1 : 1e-6;
  const { minimum, maximum, exclusiveMinimum, exclusiveMaximum } = node;
  const more = (n: number, by: number) => n + by * Math.max(1, Math.abs(n) * (node.type === "integer" ? 0 : 1));
  if (maximum !== undefined) out.push({ path, at: maximum, beyond: more(maximum, near), says: says("most") });
  if (minimum !== undefined) out.push({ path, at: minimum, beyond: more(minimum, -near), says: says("least") });
  if (exclusiveMaximum !== undefined) out.push({ path, at: undefined, beyond: exclusiveMaximum, says: says("under") });
  if (exclusiveMinimum !== undefined) out.push({ path, at: undefined, beyond: exclusiveMinimum, says: says("over") });
  return out;
}

/** The same with one value changed, what is missing on the way put there. */
function changed(whole: unknown, [step, ...rest]: readonly Step[], to: unknown): unknown {
  if (step === undefined) return to;
  if (typeof step === "number") return [changed(Array.isArray(whole) ? whole[step] : undefined, rest, to)];
  const old = typeof whole === "object" && whole !== null && !Array.isArray(whole) ? whole : {};
  return { ...old, [step]: changed((old as Record<string, unknown>)[step], rest, to) };
}
const startsWith = (long: readonly PropertyKey[], short: readonly PropertyKey[]) =>
  short.every((s, i) => long[i] === s);

const calculations = ROUTES.flatMap((r) =>
  r.input && r.path.startsWith("/api/calc/") ? [[r.path, r.input, r.example?.in ?? {}] as const] : [],
);

describe("at its bound a figure is taken, beyond it is refused", () => {
  it.each(calculations)("%s", (_, input, example) => {
    const schema = z.toJSONSchema(input, { io: "input", unrepresentable: "any" }) as Node;
    const found = bounds(schema, schema.$defs ?? {}, [], []);
    expect(found.length).toBeGreaterThan(0);
    const wrong: string[] = [];
    for (const b of found) {
      const issuesWith = (value: unknown) =>
        input.safeParse(changed(example, b.path, value)).error?.issues.map((i) => i.path) ?? [];
      if (!issuesWith(b.beyond).some((p) => startsWith(b.path, p))) wrong.push(`${b.says}: beyond is taken`);
      if (b.at !== undefined && issuesWith(b.at).some((p) => p.length === b.path.length && startsWith(b.path, p)))
        wrong.push(`${b.says}: at the bound is refused`);
    }
    expect(wrong).toEqual([]);
  });
});
