import { useState } from "react";
import { photoErrorSentence } from "../../core/photo/kinds.ts";
import type { Station } from "../../core/plan/stations.ts";
import { takePhoto } from "../log/photo-store.ts";
import { usePane } from "../panels/pane-context.ts";
import { Picture } from "./Picture.tsx";

type Props = {
  readonly station: Station;
  /** What it shows, by which it is found again. */
  readonly of: string;
  readonly caption: string;
  /** What the button says; the caption if not given. */
  readonly name?: string;
};

/** One photo that a step asks for: taken with one tap, shown small once it is there. */
export function PhotoOf({ station, of, caption, name }: Props) {
  const { book, write } = usePane();
  const [wrong, setWrong] = useState("");
  const kept = book.before.photos.findLast((p) => p.of === of);
  return (
    <>
      <label className="chip cursor-pointer">
        {kept ? (
          <span className="w-14">
            <Picture photo={kept} />
          </span>
        ) : null}
        {kept ? `${name ?? caption}: kept` : `photo: ${name ?? caption}`}
        <input
          type="file"
          className="sr-only"
          aria-label={`Photo: ${caption}`}
          accept="image/jpeg,image/png,image/webp"
          onChange={async (e) => {
            const file = e.target.files?.[0];
            e.target.value = "";
            if (!file) return;
            const taken = await takePhoto(file);
            setWrong(taken.ok ? "" : `${file.name}: ${photoErrorSentence(taken.error)}`);
            if (taken.ok) write("photo.added", { ...taken.value, station, caption, of });
          }}
        />
      </label>
      {wrong && (
        <p className="note-wax" role="alert">
          {wrong}
        </p>
      )}
    </>
  );
}
