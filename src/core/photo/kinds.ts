/** Kinds of picture that are taken, by the bytes they begin with. Nothing else is, whatever its name says. */
export const PHOTO_TYPES = ["image/jpeg", "image/png", "image/webp"] as const;
export type PhotoType = (typeof PHOTO_TYPES)[number];

/** What a file really is, by its first bytes; null for anything that is not a photo. @example photoType([0xff, 0xd8, 0xff]) // "image/jpeg" */
export function photoType(bytes: Uint8Array): PhotoType | null {
  const starts = (...wanted: readonly number[]): boolean => wanted.every((b, i) => bytes[i] === b);
  if (starts(0xff, 0xd8, 0xff)) return "image/jpeg";
  if (starts(0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a)) return "image/png";
  const ascii = (from: number, text: string): boolean =>
    Array.from(text).every((c, i) => bytes[from + i] === c.charCodeAt(0));
  return ascii(0, "RIFF") && ascii(8, "WEBP") ? "image/webp" : null;
}

/** A photo as newer phones store it: refused with what to set. */
export function isHeic(bytes: Uint8Array): boolean {
  const brand = String.fromCharCode(...bytes.slice(4, 12));
  return /^ftyp(?:heic|heix|hevc|hevx|heim|heis|mif1|msf1|avif)/.test(brand);
}

/** Why a file is no picture that is taken; null where it is one. */
export const notTaken = (bytes: Uint8Array): PhotoError | null =>
  photoType(bytes) === null
    ? { kind: isHeic(bytes) ? "heic" : "not-a-photo" }
    : carriesScript(bytes)
      ? { kind: "script" }
      : null;

/** Larger files are refused before they are read. */
export const MOST_PHOTO_MB = 20;
/** What the browser shrinks to, and what the server makes of anything larger: pixels on the longer side. */
export const PHOTO_SIDE = 1600;

/** Whether a picture carries a script: no camera writes one. */
export function carriesScript(bytes: Uint8Array): boolean {
  const wanted = "<script";
  for (let i = 0; i + wanted.length <= bytes.length; i++) {
    if (bytes[i] !== 0x3c) continue;
    let k = 1;
    while (k < wanted.length && ((bytes[i + k] ?? 0) | 0x20) === wanted.charCodeAt(k)) k++;
    if (k === wanted.length) return true;
  }
  return false;
}

export type PhotoError =
  | { readonly kind: "too-large"; readonly mb: number }
  | { readonly kind: "not-a-photo" | "heic" | "script" | "broken" | "empty" | "no-photo-size" };

/** Why a picture is not taken, and what to do. */
export function photoErrorSentence(error: PhotoError): string {
  switch (error.kind) {
    case "too-large":
      return `This file is ${error.mb < 100 ? Math.round(error.mb) : "over 100"} MB: a photo of up to ${MOST_PHOTO_MB} MB is taken. Take it again at a lower setting.`;
    case "not-a-photo":
      return "This is not a photo, whatever its name says. JPEG, PNG and WebP are taken.";
    case "heic":
      return "This is a HEIC photo, which not every device can show. On an iPhone set Settings, Camera, Formats to Most Compatible; or send it as JPEG.";
    case "no-photo-size":
      return "This picture is far larger, or far longer, than a camera makes. Take the photo again, or crop it.";
    case "script":
      return "This picture carries a script, so it is not taken. Take a new photo, or a screenshot of it.";
    case "broken":
      return "This picture cannot be opened: it is cut off or damaged. Take it again.";
    case "empty":
      return "This file is empty. Take the photo again.";
  }
}
