import type { APIRoute } from "astro";
import type { z } from "zod";
import { MOST_CASES, type Route } from "../../contract/route.ts";
import type { Result } from "../../core/result.ts";
import { log } from "../log.ts";
import { answer, type ProblemOf, problem } from "./answer.ts";
import { flattened, issueWords } from "./issue-words.ts";
import { isForeign } from "./origin.ts";
import { MOST_BYTES, readJson } from "./read-body.ts";
import { storageProblem } from "./storage-problem.ts";

/** What a use case answers: the output, or a refusal with its status. */
export type Outcome<T> = Result<T, Refusal>;
export type Refusal = ProblemOf & { readonly status?: number };

type Run<In, Out> = (input: In) => Outcome<Out> | Promise<Outcome<Out>>;

/** The one boundary between HTTP and a use case: origin, size, type, schema, outcome, and whatever goes wrong. */
export function endpoint<In extends z.ZodType, Out extends z.ZodType>(
  route: Route<In, Out>,
  run: Run<z.output<In>, z.output<Out>>,
): APIRoute {
  return async ({ request, url, params }) => {
    try {
      if (route.method === "get")
        return await getting(route, run, { ...Object.fromEntries(url.searchParams), ...params });
      if (isForeign(request))
        return problem(403, {
          code: "foreign-origin",
          message:
            "This request came from a page of another site, so nothing was done. Send it from Plain Pane itself.",
        });
      return await posting(route, run, request);
    } catch (error) {
      log.error({ err: error, path: route.path }, "an endpoint broke");
      const stored = storageProblem(error);
      if (stored) return problem(stored.status, { code: stored.code, message: stored.message });
      return problem(500, {
        code: "broken",
        message: "Something broke on our side. Nothing was stored. Try again; if it stays, look in the server's log.",
      });
    }
  };
}

/** For every method that a path does not have. */
export const notAllowed =
  (...allowed: readonly string[]): APIRoute =>
  () =>
    problem(405, { code: "method", message: `Use ${allowed.join(" or ")} here.` }, { allow: allowed.join(", ") });

async function getting<In extends z.ZodType, Out extends z.ZodType>(
  route: Route<In, Out>,
  run: Run<z.output<In>, z.output<Out>>,
  query: unknown,
): Promise<Response> {
  const one = await oneCase(route, run, query);
  return one.ok ? answer(one.value) : refusal(one.error);
}

async function posting<In extends z.ZodType, Out extends z.ZodType>(
  route: Route<In, Out>,
  run: Run<z.output<In>, z.output<Out>>,
  request: Request,
): Promise<Response> {
  const body = await readJson(request);
  if (!body.ok) return bodyProblem(body.error);
  if (!Array.isArray(body.value) || !route.batch) {
    const one = await oneCase(route, run, body.value);
    return one.ok ? answer(one.value) : refusal(one.error);
  }
  if (body.value.length > MOST_CASES)
    return problem(413, {
      code: "too-many-cases",
      message: `Send at most ${MOST_CASES} cases at once; this was ${body.value.length}.`,
    });
  const all: unknown[] = [];
  let since = performance.now();
  for (const item of body.value) {
    // A long batch lets other requests in between.
    if (performance.now() - since > LET_IN_MS) {
      await new Promise((on) => setImmediate(on));
      since = performance.now();
    }
    const one = await oneCase(route, run, item);
    all.push(one.ok ? one.value : { error: withoutStatus(one.error) });
  }
  return answer(all);
}

async function oneCase<In extends z.ZodType, Out extends z.ZodType>(
  route: Route<In, Out>,
  run: Run<z.output<In>, z.output<Out>>,
  raw: unknown,
): Promise<Outcome<z.output<Out>>> {
  const parsed = route.input?.safeParse((route.before ? route.before(raw) : raw) ?? undefined);
  if (parsed && !parsed.success) return { ok: false, error: invalid(parsed.error) };
  return run(parsed?.data as z.output<In>);
}

const LET_IN_MS = 30;

function invalid(error: z.ZodError): Refusal {
  const problems = flattened(error.issues)
    .slice(0, 20)
    .map((i) => ({ path: i.path.map(String).join("."), message: issueWords(i) }));
  const first = problems[0];
  return {
    status: 400,
    code: "invalid",
    message: first
      ? `${first.path || "The body"}: ${first.message}`
      : "The request does not match its schema. See /api for what it takes.",
    problems,
  };
}

const withoutStatus = ({ status: _, ...error }: Refusal): ProblemOf => error;
const refusal = (error: Refusal): Response => problem(error.status ?? 422, withoutStatus(error));

function bodyProblem(error: {
  readonly kind: "wrong-type" | "too-large" | "not-json";
  readonly found?: string;
}): Response {
  switch (error.kind) {
    case "wrong-type":
      return problem(415, {
        code: "content-type",
        message: `Send JSON with the content type application/json${error.found ? `, not ${error.found}` : ""}.`,
      });
    case "too-large":
      return problem(413, {
        code: "too-large",
        message: `Send at most ${MOST_BYTES / 1024} KiB at once: split it up.`,
      });
    case "not-json":
      return problem(400, {
        code: "not-json",
        message: "The body is not JSON. Check its quotes, commas and brackets.",
      });
  }
}
