import type { APIRoute } from "astro";
import { z } from "zod";
import { writeDay } from "../../core/units/day.ts";
import { roundById } from "../../db/lists.ts";
import { archiveOf, takeArchive } from "../archive.ts";
import { log } from "../log.ts";
import { theDatabase } from "../the-database.ts";
import { today } from "../today.ts";
import { answer, problem } from "./answer.ts";
import { isForeign } from "./origin.ts";
import { readBytes } from "./read-body.ts";
import { storageProblem } from "./storage-problem.ts";

const MOST_MB = 300;
const Round = z.uuid().optional();

/** Everything out: one zip, of the firm or of a round. */
export const getArchive: APIRoute = ({ url }) => {
  const round = Round.safeParse(url.searchParams.get("round") ?? undefined);
  if (!round.success) return problem(400, { code: "invalid", message: "round: the id of a round, or left out." });
  const db = theDatabase();
  if (round.data !== undefined && !roundById(db, round.data))
    return problem(404, { code: "unknown-id", message: `There is no round ${round.data} here.` });
  const name = `plain-pane-${round.data === undefined ? "all" : "round"}-${writeDay(today())}.zip`;
  return new Response(archiveOf(db, round.data ?? null, new Date()), {
    headers: {
      "content-type": "application/zip",
      "content-disposition": `attachment; filename="${name}"`,
      "cache-control": "private, no-store",
    },
  });
};

/** An archive in. What is there already is passed over. */
export const postArchive: APIRoute = async ({ request }) => {
  if (isForeign(request))
    return problem(403, { code: "foreign-origin", message: "This request came from a page of another site." });
  if (request.headers.get("content-type")?.split(";")[0] !== "application/zip")
    return problem(415, { code: "content-type", message: "Send the archive as application/zip." });
  try {
    const bytes = await readBytes(request, MOST_MB * 1e6);
    if (!bytes.ok)
      return problem(413, {
        code: "too-large",
        message: `An archive of at most ${MOST_MB} MB is taken here. Take a larger one in with npm run archive, where the server stands.`,
      });
    const done = await takeArchive(theDatabase(), bytes.value, new Date());
    return done.ok ? answer(done.value) : problem(422, { code: done.error.kind, message: done.error.why });
  } catch (error) {
    log.error({ err: error }, "an archive was not taken in");
    const stored = storageProblem(error);
    if (stored) return problem(stored.status, { code: stored.code, message: stored.message });
    return problem(500, {
      code: "broken",
      message: "The archive was not taken in whole. Try again: what is in is passed over.",
    });
  }
};
