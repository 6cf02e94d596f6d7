import type { PaneBook } from "../../core/pane/book.ts";
import type { Station } from "../../core/plan/stations.ts";
import { Photos } from "../photos/Photos.tsx";
import type { Tab } from "./Stage.tsx";

/** The photos of a pane, from any of its stations. */
export const photosTab = (station: Station, book: PaneBook): Tab => ({
  id: "photos",
  name: "Photos",
  more: book.before.photos.length > 0 ? String(book.before.photos.length) : undefined,
  content: <Photos station={station} />,
});
