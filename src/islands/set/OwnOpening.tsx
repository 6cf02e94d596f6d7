import { usePane } from "../panels/pane-context.ts";

/** The tag on the sash, read when it comes back: one from another opening binds in this. */
export function OwnOpening() {
  const { book, tagsHere, write } = usePane();
  const own = [book.added.address, book.added.opening, book.added.light].filter(Boolean).join(", ");
  const other = book.tag ? tagsHere.find((t) => t.id === book.tag) : undefined;
  return (
    <div className="space-y-2">
      <label className="block">
        <span className="text-[13px] text-mute">The tag on the sash says</span>
        <select value={book.tag ?? "not-read"} onChange={(e) => write("set.tag", { tag: e.target.value })}>
          <option value="not-read" disabled>
            not read yet
          </option>
          <option value={book.id}>{own}</option>
          {tagsHere.map((t) => (
            <option key={t.id} value={t.id}>
              {t.label}
            </option>
          ))}
          <option value="">it has no tag</option>
        </select>
      </label>
      {other && (
        <p className="note-wax" role="alert">
          That sash belongs in {other.label}. Here it binds, and its own opening gets this one: swap them first.
        </p>
      )}
      {book.tag === "" && (
        <p className="text-[13px]">
          Without a tag: hold it to the marks and the numbers, then try it before the beads go in.
        </p>
      )}
    </div>
  );
}
