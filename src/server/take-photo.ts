import sharp from "sharp";
import { carriesScript, PHOTO_SIDE, type PhotoError, photoType } from "../core/photo/kinds.ts";
import { fail, ok, type Result } from "../core/result.ts";
import { hasPhoto, storePhoto } from "../db/photos.ts";
import { theDatabase } from "./the-database.ts";

/** A photo has at most so many pixels: a small file can hold a picture that fills the memory. */
const MOST_PIXELS = 60_000_000;

/**
 * Stores a picture under its id. What is kept is a new JPEG of its pixels: place, time, comments and whatever else was in
 * the file are gone. Sent again it changes nothing.
 */
export async function takePhoto(
  id: string,
  bytes: Uint8Array,
): Promise<Result<{ readonly id: string; readonly known: boolean }, PhotoError>> {
  if (bytes.length === 0) return fail({ kind: "empty" });
  if (photoType(bytes) === null) return fail({ kind: "not-a-photo" });
  if (carriesScript(bytes)) return fail({ kind: "script" });
  const db = theDatabase();
  if (hasPhoto(db, id)) return ok({ id, known: true });
  try {
    const { data, info } = await sharp(bytes, { limitInputPixels: MOST_PIXELS, failOn: "error" })
      .rotate()
      .resize({ width: PHOTO_SIDE, height: PHOTO_SIDE, fit: "inside", withoutEnlargement: true })
      .flatten({ background: "#ffffff" })
      .jpeg({ quality: 82, mozjpeg: false })
      .toBuffer({ resolveWithObject: true });
    storePhoto(db, { id, addedAt: new Date().toISOString(), width: info.width, height: info.height, jpeg: data });
    return ok({ id, known: false });
  } catch {
    return fail({ kind: "broken" });
  }
}
