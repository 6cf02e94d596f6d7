import type { APIRoute } from "astro";
import { z } from "zod";
import { MOST_PHOTO_MB, type PhotoError, photoErrorSentence } from "../../core/photo/kinds.ts";
import { photoById } from "../../db/photos.ts";
import { log } from "../log.ts";
import { smaller, takePhoto } from "../take-photo.ts";
import { theDatabase } from "../the-database.ts";
import { answer, problem } from "./answer.ts";
import { isForeign } from "./origin.ts";
import { readBytes } from "./read-body.ts";
import { storageProblem } from "./storage-problem.ts";

const STATUS: Readonly<Record<PhotoError["kind"], number>> = {
  "too-large": 413,
  "not-a-photo": 415,
  heic: 415,
  "no-photo-size": 422,
  script: 422,
  broken: 422,
  empty: 400,
};

const refused = (error: PhotoError): Response =>
  problem(STATUS[error.kind], { code: `photo-${error.kind}`, message: photoErrorSentence(error) });

/** Takes the bytes of a picture under the id that the browser gave it. */
export const putPhoto: APIRoute = async ({ params, request }) => {
  const id = z.uuid().safeParse(params["id"]);
  if (!id.success) return problem(400, { code: "invalid", message: "A photo's id is a UUID." });
  if (isForeign(request))
    return problem(403, { code: "foreign-origin", message: "This request came from a page of another site." });
  try {
    const bytes = await readBytes(request, MOST_PHOTO_MB * 1_000_000);
    if (!bytes.ok) return refused({ kind: "too-large", mb: bytes.error.mb });
    const done = await takePhoto(id.data, bytes.value);
    return done.ok ? answer(done.value) : refused(done.error);
  } catch (error) {
    log.error({ err: error }, "a photo was not stored");
    const stored = storageProblem(error);
    if (stored) return problem(stored.status, { code: stored.code, message: stored.message });
    return problem(500, { code: "broken", message: "The photo was not stored. Try again." });
  }
};

const Side = z.coerce.number().int().min(64).max(2000).optional();

/** The picture as it is kept, or no larger than its `side`: it never changes, and runs nothing. */
export const getPhoto: APIRoute = async ({ params, url }) => {
  const found = photoById(theDatabase(), params["id"] ?? "");
  if (!found) return problem(404, { code: "unknown-id", message: "There is no such photo here." });
  const side = Side.safeParse(url.searchParams.get("side") ?? undefined);
  if (!side.success)
    return problem(400, { code: "invalid", message: "side: so many pixels, from 64 to 2000, or left out." });
  const jpeg = side.data === undefined ? found.jpeg : await smaller(found.jpeg, side.data);
  return new Response(new Uint8Array(jpeg), {
    headers: {
      "content-type": "image/jpeg",
      "cache-control": "private, max-age=31536000, immutable",
      "x-content-type-options": "nosniff",
      "content-security-policy": "default-src 'none'; sandbox",
      "content-disposition": 'inline; filename="pane.jpg"',
    },
  });
};
