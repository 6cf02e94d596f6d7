import { z } from "zod";
import { Problem } from "../contract/problem.ts";
import { MOST_CASES, type Route } from "../contract/route.ts";
import { ROUTES } from "../contract/routes.ts";

type Json = Record<string, unknown>;

/** The OpenAPI 3.1 document, made from the same schemas that check every request. */
export function openApi(): Json {
  return {
    openapi: "3.1.0",
    info: {
      title: "Plain Pane",
      version: "1",
      description:
        "Lengths are exact nanometres; text is read as a tape shows it. Angles in degrees, masses in kg. Every answer carries its rule and source. Guidance, never a certificate: the label, the maker's instructions and local codes come first.",
    },
    paths: Object.fromEntries(
      [...new Set(ROUTES.map((r) => r.path))].map((path) => [
        path,
        Object.fromEntries(ROUTES.filter((r) => r.path === path).map((r) => [r.method, operation(r)])),
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
        content: json(r.batch ? oneOrMany(schemaOf(r.output, "output")) : schemaOf(r.output, "output")),
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
    in: "query",
    required: schema.required?.includes(name) ?? false,
    schema: of,
  }));
}

const json = (schema: Json): Json => ({ "application/json": { schema } });
const oneOrMany = (schema: Json): Json => ({ oneOf: [schema, { type: "array", maxItems: MOST_CASES, items: schema }] });

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
