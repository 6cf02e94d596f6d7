import { z } from "zod";
import { PEOPLE_ROUTES } from "../contract/people.ts";
import { Problem } from "../contract/problem.ts";
import { MOST_CASES, type Route } from "../contract/route.ts";
import { ROUTES } from "../contract/routes.ts";

type Json = Record<string, unknown>;

const ALL: readonly Route[] = [...ROUTES, ...PEOPLE_ROUTES];

/** The OpenAPI 3.1 document, made from the same schemas that check every request. */
export function openApi(): Json {
  const doc = document();
  const schemas: Record<string, Json> = {};
  const whole = hoisted(doc, schemas) as Json;
  return { ...whole, components: { schemas } };
}

/**
 * Named schemas are written once, under components, and every reference leads there. What goes in and what comes out of one name
 * may differ by their defaults: then the second is named apart.
 */
function hoisted(value: unknown, into: Record<string, Json>, names: ReadonlyMap<string, string> = new Map()): unknown {
  if (Array.isArray(value)) return value.map((v) => hoisted(v, into, names));
  if (value === null || typeof value !== "object") return value;
  const { $defs, ...rest } = value as Json & { readonly $defs?: Readonly<Record<string, Json>> };
  let known = names;
  if ($defs) {
    const made = new Map(names);
    for (const [name, schema] of Object.entries($defs)) {
      const text = JSON.stringify(schema);
      let free = name;
      for (let n = 2; written.get(free) !== undefined && written.get(free) !== text; n++) free = `${name}${n}`;
      made.set(name, free);
      written.set(free, text);
    }
    known = made;
    for (const [name, schema] of Object.entries($defs)) {
      const as = known.get(name) ?? name;
      if (!(as in into)) {
        into[as] = {};
        into[as] = hoisted(schema, into, known) as Json;
      }
    }
  }
  return Object.fromEntries(
    Object.entries(rest).map(([key, v]) =>
      key === "$ref" && typeof v === "string" && v.startsWith("#/$defs/")
        ? [key, `#/components/schemas/${known.get(v.slice(8)) ?? v.slice(8)}`]
        : [key, hoisted(v, into, known)],
    ),
  );
}

/** Each named schema as it was first written, to tell two of one name apart. */
const written = new Map<string, string>();

function document(): Json {
  return {
    openapi: "3.1.0",
    info: {
      title: "Plain Pane",
      version: "1",
      description:
        "Lengths are exact nanometres; text is read as a tape shows it. Angles in degrees, masses in kg. Every answer carries its rule and source. Guidance, never a certificate: the label, the maker's instructions and local codes come first.",
    },
    paths: Object.fromEntries(
      [...new Set(ALL.map((r) => r.path))].map((path) => [
        path,
        Object.fromEntries(ALL.filter((r) => r.path === path).map((r) => [r.method, operation(r)])),
      ]),
    ),
  };
}

function operation(r: Route): Json {
  return {
    summary: r.says,
    ...(r.more && { description: r.more }),
    ...(r.input && (r.method === "get" ? { parameters: parameters(r) } : { requestBody: body(r) })),
    responses: {
      "200": {
        description: "Done.",
        content: json(r.batch ? manyAnswers(schemaOf(r.output, "output")) : schemaOf(r.output, "output")),
      },
      default: {
        description: "Refused: what is wrong and what to do.",
        content: json(schemaOf(Problem, "output")),
      },
    },
  };
}

const body = (r: Route): Json => {
  const schema = schemaOf(r.input as z.ZodType, "input");
  return {
    required: true,
    content: {
      "application/json": {
        schema: r.batch ? oneOrMany(schema) : schema,
        ...(r.example && { example: r.example.in }),
      },
    },
  };
};

function parameters(r: Route): Json[] {
  const schema = schemaOf(r.input as z.ZodType, "input") as { properties?: Json; required?: string[] };
  return Object.entries(schema.properties ?? {}).map(([name, of]) => ({
    name,
    in: r.path.includes(`{${name}}`) ? "path" : "query",
    required: r.path.includes(`{${name}}`) || (schema.required?.includes(name) ?? false),
    schema: of,
  }));
}

const json = (schema: Json): Json => ({ "application/json": { schema } });
const oneOrMany = (schema: Json): Json => ({ oneOf: [schema, { type: "array", maxItems: MOST_CASES, items: schema }] });

/** Of a batch each case answers in its place: what it came to, or what was wrong with it. */
const manyAnswers = (schema: Json): Json => ({
  oneOf: [schema, { type: "array", maxItems: MOST_CASES, items: { oneOf: [schema, schemaOf(Problem, "output")] } }],
});

/** Schemas are written out in place: a reader need not follow references. */
export function schemaOf(schema: z.ZodType, io: "input" | "output"): Json {
  const { $schema: _, ...made } = z.toJSONSchema(schema, {
    io,
    target: "draft-2020-12",
    reused: "inline",
    unrepresentable: "any",
  });
  return made as Json;
}
