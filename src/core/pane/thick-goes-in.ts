import { thicknessFrom } from "../measure/thickness.ts";
import type { Nm } from "../units/length.ts";
import type { PaneBook } from "./book.ts";
import type { Reckoning } from "./reckoning.ts";
import { isUnitOpen } from "./unit.ts";

/**
 * How thick the glass is that goes in: as it was measured when it came or was found to be here, as it was ordered or chosen; of a
 * unit that nobody chose as thick as the old one was read, and null where that was not read either.
 * @example a unit of 28 bought before anything was chosen // 28 mm
 * @example nothing chosen, the old one read as 24 // 24 mm
 */
export const thickGoesIn = (book: PaneBook, r: Pick<Reckoning, "stands" | "readings" | "glass">): Nm | null =>
  r.stands.thickness ?? (isUnitOpen(book) ? thicknessFrom(r.readings).overall : r.glass.thickness);
