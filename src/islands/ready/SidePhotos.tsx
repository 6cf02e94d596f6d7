import { useState } from "react";
import { SIDES } from "../../core/geometry/quad.ts";
import { photoErrorSentence } from "../../core/photo/kinds.ts";
import { usePane } from "../parts/pane-context.ts";
import { takePhoto } from "../parts/photo-store.ts";

/** A photo a side of the bare seat: what the next bond will lie on, and proof of it afterwards. */
export function SidePhotos({ step }: { readonly step: string }) {
  const { book, write } = usePane();
  const [wrong, setWrong] = useState("");
  const there = new Set(book.before.photos.map((p) => p.of));
  return (
    <fieldset className="pt-1">
      <legend className="text-[13px] text-mute">A photo of each side, bare</legend>
      <div className="flex flex-wrap gap-1.5">
        {SIDES.map((side) => (
          <label key={side} className="chip cursor-pointer">
            {there.has(`${step}/${side}`) ? `${side}: kept` : `photo ${side}`}
            <input
              type="file"
              className="sr-only"
              aria-label={`Photo of the ${side} side`}
              accept="image/jpeg,image/png,image/webp"
              onChange={async (e) => {
                const file = e.target.files?.[0];
                e.target.value = "";
                if (!file) return;
                const taken = await takePhoto(file);
                setWrong(taken.ok ? "" : `${file.name}: ${photoErrorSentence(taken.error)}`);
                if (taken.ok)
                  write("photo.added", {
                    ...taken.value,
                    station: "ready",
                    caption: `${side} side, bare`,
                    of: `${step}/${side}`,
                  });
              }}
            />
          </label>
        ))}
      </div>
      {wrong && (
        <p className="note-wax" role="alert">
          {wrong}
        </p>
      )}
    </fieldset>
  );
}
