import { frameOf } from "../frame/systems.ts";
import type { Payloads } from "../log/kinds.ts";
import type { PaneBook } from "./book.ts";

/**
 * Where a pane is, as was told; until then only what its frame says of it: an insert or a panel is in a door.
 * @example a cassette of which nobody said where it is // in a door
 */
export const locationOf = (book: Pick<PaneBook, "location" | "added">): Payloads["specify.location"] =>
  book.location ?? { inDoor: frameOf(book.added.system).ofDoor, wetRoom: false, stairs: false, walkway: false };
