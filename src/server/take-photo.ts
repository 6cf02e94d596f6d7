import sharp from "sharp";
import { notTaken, PHOTO_SIDE, type PhotoError } from "../core/photo/kinds.ts";
import { fail, ok, type Result } from "../core/result.ts";
import type { Database } from "../db/database.ts";
import { hasPhoto, storePhoto } from "../db/photos.ts";
import { theDatabase } from "./the-database.ts";

/** A photo has at most so many pixels, and so many on a side: a small file can hold a picture that takes a minute to open. */
const MOST_PIXELS = 60_000_000;
const MOST_SIDE = 16_000;
/** No camera's picture is so long and thin. */
const MOST_LONG = 20;

/**
 * Stores a picture under its id. What is kept is a new JPEG of its pixels: place, time, comments and whatever else was in
 * the file are gone. Sent again it changes nothing.
 */
export async function takePhoto(
  id: string,
  bytes: Uint8Array,
  db: Database = theDatabase(),
): Promise<Result<{ readonly id: string; readonly known: boolean }, PhotoError>> {
  if (bytes.length === 0) return fail({ kind: "empty" });
  const why = notTaken(bytes);
  if (why) return fail(why);
  if (hasPhoto(db, id)) return ok({ id, known: true });
  const size = await sizeOf(bytes);
  if (size === null) return fail({ kind: "broken" });
  const [short, long] = [Math.min(size.width, size.height), Math.max(size.width, size.height)];
  if (long > MOST_SIDE || short * long > MOST_PIXELS || long > MOST_LONG * short)
    return fail({ kind: "no-photo-size" });
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

/** Read off its head, before anything of the picture is opened. */
async function sizeOf(bytes: Uint8Array): Promise<{ readonly width: number; readonly height: number } | null> {
  try {
    const { width, height } = await sharp(bytes, { limitInputPixels: false }).metadata();
    return width > 0 && height > 0 ? { width, height } : null;
  } catch {
    return null;
  }
}

/** A picture no larger than so many pixels on a side, for a device that keeps many. */
export const smaller = (jpeg: Uint8Array, side: number): Promise<Uint8Array> =>
  sharp(jpeg)
    .resize({ width: side, height: side, fit: "inside", withoutEnlargement: true })
    .jpeg({ quality: 70, mozjpeg: false })
    .toBuffer();
