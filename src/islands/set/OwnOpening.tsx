import { usePane } from "../panels/pane-context.ts";
import { PickOne } from "../ui/PickOne.tsx";

/** The tag on the sash, read when it comes back: one from another opening binds in this. */
export function OwnOpening() {
  const { book, say, tagsHere, write } = usePane();
  const own = [book.added.address, book.added.opening, book.added.light].filter(Boolean).join(", ");
  const other = book.tag ? tagsHere.find((t) => t.id === book.tag) : undefined;
  return (
    <div className="space-y-2">
      <PickOne
        name="The tag on the sash says"
        of={[[book.id, own], ...tagsHere.map((t) => [t.id, t.label] as const), ["", "it has no tag"]]}
        value={book.tag}
        unsaid="not read yet"
        change={(tag) => write("set.tag", { tag })}
        className="block"
      />
      {other && (
        <p className="note-wax" role="alert">
          That sash belongs in {other.label}. Here it binds, and its own opening gets this one: swap them first.
        </p>
      )}
      {book.tag === "" && (
        <p className="text-[13px]">
          {say("Without a tag: hold it to the marks and the numbers, then try it before the {beads} go in.")}
        </p>
      )}
    </div>
  );
}
