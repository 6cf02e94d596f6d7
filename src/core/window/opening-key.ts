/** What is written short, and what it is written out. */
const SHORT: Readonly<Record<string, string>> = {
  rd: "road",
  st: "street",
  ln: "lane",
  ave: "avenue",
  av: "avenue",
  dr: "drive",
  cl: "close",
  ct: "court",
  sq: "square",
  ter: "terrace",
  gdns: "gardens",
  pl: "place",
  bdg: "building",
  bldg: "building",
  apt: "flat",
  bed: "bedroom",
  bath: "bathroom",
  lh: "left",
  rh: "right",
  fl: "floor",
};
/** Says nothing of which one it is. */
const EMPTY = new Set(["no", "number", "nr", "the"]);

/**
 * A name as people mean it: written out, small, without marks. What people write short in the middle of a name ("St Anne") is
 * read as they mostly mean it at its end.
 * @example plainName("No. 20, Beech Rd.") // "20 beech road"
 */
export function plainName(text: string): string {
  return text
    .toLowerCase()
    .normalize("NFKD")
    .replace(/[\u0300-\u036f]/g, "")
    .replace(/['’]/g, "")
    .split(/[^\p{L}\p{N}]+/u)
    .filter((w) => w !== "" && !EMPTY.has(w))
    .map((w) => SHORT[w] ?? w)
    .join(" ");
}

/**
 * One hole in the wall, whatever round it is on: its address, its opening and its light, as people mean them.
 * @example openingKey({ address: "20 Beech Rd", opening: "Kitchen", light: "" }) // "20 beech road|kitchen|"
 */
export const openingKey = (place: {
  readonly address: string;
  readonly opening: string;
  readonly light: string;
}): string => [place.address, place.opening, place.light].map(plainName).join("|");
