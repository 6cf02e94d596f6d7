import { type DBSchema, type IDBPDatabase, openDB } from "idb";
import { v7 as uuidv7 } from "uuid";
import { MOST_PHOTO_MB, notTaken, PHOTO_SIDE, type PhotoError } from "../../core/photo/kinds.ts";
import { fail, ok, type Result } from "../../core/result.ts";

interface Schema extends DBSchema {
  waiting: { key: string; value: { readonly id: string; readonly jpeg: Blob } };
}

let opened: Promise<IDBPDatabase<Schema>> | undefined;
const db = (): Promise<IDBPDatabase<Schema>> => {
  opened ??= openDB<Schema>("pp-photos", 1, { upgrade: (d) => void d.createObjectStore("waiting", { keyPath: "id" }) });
  return opened;
};

export type ShrunkPhoto = { readonly jpeg: Blob; readonly width: number; readonly height: number };

/** A photo shrunk to what is kept, drawn anew: nothing of the file but its picture goes on. */
export async function shrink(file: File): Promise<Result<ShrunkPhoto, PhotoError>> {
  if (file.size === 0) return fail({ kind: "empty" });
  if (file.size > MOST_PHOTO_MB * 1e6) return fail({ kind: "too-large", mb: file.size / 1e6 });
  const bytes = new Uint8Array(await file.arrayBuffer());
  const why = notTaken(bytes);
  if (why) return fail(why);
  try {
    const bitmap = await createImageBitmap(file, { imageOrientation: "from-image" });
    const scale = Math.min(1, PHOTO_SIDE / Math.max(bitmap.width, bitmap.height));
    const [width, height] = [
      Math.max(1, Math.round(bitmap.width * scale)),
      Math.max(1, Math.round(bitmap.height * scale)),
    ];
    const canvas = document.createElement("canvas");
    canvas.width = width;
    canvas.height = height;
    const paint = canvas.getContext("2d");
    if (!paint) return fail({ kind: "broken" });
    paint.fillStyle = "#fff";
    paint.fillRect(0, 0, width, height);
    paint.drawImage(bitmap, 0, 0, width, height);
    bitmap.close();
    const jpeg = await new Promise<Blob | null>((done) => canvas.toBlob(done, "image/jpeg", 0.85));
    return jpeg ? ok({ jpeg, width, height }) : fail({ kind: "broken" });
  } catch {
    return fail({ kind: "broken" });
  }
}

/** Keeps a photo in this browser until the server has it: without signal it waits here. */
export async function keepPhoto(id: string, jpeg: Blob): Promise<void> {
  await (await db()).put("waiting", { id, jpeg });
  void sendWaiting();
}

/** The picture as it waits here; undefined once the server has it. */
export async function waitingPhoto(id: string): Promise<Blob | undefined> {
  return (await (await db()).get("waiting", id))?.jpeg;
}

/** How many wait here. */
export const waitingPhotos = async (): Promise<number> =>
  typeof indexedDB === "undefined" ? 0 : (await db()).count("waiting");

let sending = false;

/** Sends what waits; what the server has is dropped here. Safe to call again and again. */
export async function sendWaiting(): Promise<void> {
  if (sending || typeof indexedDB === "undefined") return;
  sending = true;
  try {
    const store = await db();
    for (const { id, jpeg } of await store.getAll("waiting")) {
      const sent = await fetch(`/api/photos/${id}`, {
        method: "PUT",
        headers: { "content-type": "image/jpeg" },
        body: jpeg,
      }).catch(() => null);
      if (!sent) break;
      // A refusal will not change by sending it again: it is let go, and the picture says that it is missing.
      if (sent.ok || (sent.status >= 400 && sent.status < 500)) await store.delete("waiting", id);
      else break;
    }
  } finally {
    sending = false;
  }
}

/** Shrinks a photo and keeps it here until it is sent; says what its entry needs. */
export async function takePhoto(
  file: File,
): Promise<Result<{ readonly photo: string; readonly width: number; readonly height: number }, PhotoError>> {
  const small = await shrink(file);
  if (!small.ok) return small;
  const photo = uuidv7();
  await keepPhoto(photo, small.value.jpeg);
  return ok({ photo, width: small.value.width, height: small.value.height });
}
