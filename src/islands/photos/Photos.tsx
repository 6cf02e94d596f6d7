import { useEffect, useState } from "react";
import { photoErrorSentence } from "../../core/photo/kinds.ts";
import { STATION_NAMES, type Station } from "../../core/plan/stations.ts";
import { sendWaiting, takePhoto } from "../log/photo-store.ts";
import { Part } from "../panels/Part.tsx";
import { usePane } from "../panels/pane-context.ts";
import { PhotoMarks } from "./PhotoMarks.tsx";
import { Picture } from "./Picture.tsx";

const RETRY_MS = 15_000;

/** Photos of this pane: taken or dropped in, shrunk here, marked with arrows, kept with the pane. */
export function Photos({ station }: { readonly station: Station }) {
  const { book, write } = usePane();
  const [wrong, setWrong] = useState<readonly string[]>([]);
  const [busy, setBusy] = useState(false);
  const [open, setOpen] = useState<string | null>(null);
  const photos = book.before.photos;
  useEffect(() => {
    void sendWaiting();
    const again = setInterval(() => void sendWaiting(), RETRY_MS);
    return () => clearInterval(again);
  }, []);
  const take = async (files: Iterable<File>) => {
    setBusy(true);
    const said: string[] = [];
    for (const file of files) {
      const taken = await takePhoto(file);
      if (taken.ok) write("photo.added", { ...taken.value, station, caption: "" });
      else said.push(`${file.name}: ${photoErrorSentence(taken.error)}`);
    }
    setWrong(said);
    setBusy(false);
  };
  return (
    <Part title="Photos" more={photos.length > 0 ? `${photos.length} kept` : "taken or dropped here"}>
      {/* biome-ignore lint/a11y/noStaticElementInteractions: the button inside is the keyboard's way */}
      <div
        className="rounded border-2 border-dashed border-line p-2"
        onDragOver={(e) => e.preventDefault()}
        onDrop={(e) => {
          e.preventDefault();
          void take(e.dataTransfer.files);
        }}
      >
        <ul className="grid grid-cols-3 gap-2">
          {photos.map((p) => (
            <li key={p.photo}>
              <button
                type="button"
                className="block w-full text-left"
                aria-label={`Photo ${p.caption || STATION_NAMES[p.station]}: open and mark it`}
                onClick={() => setOpen(p.photo)}
              >
                <Picture photo={p} />
                <span className="block truncate text-[12px] text-mute">{p.caption || STATION_NAMES[p.station]}</span>
              </button>
            </li>
          ))}
          <li>
            <label className="flex aspect-[4/3] cursor-pointer flex-col items-center justify-center rounded bg-sheet text-center text-[14px] font-medium focus-within:outline-2">
              {busy ? "Shrinking it" : "Take or choose"}
              <span className="text-[12px] font-normal text-mute">up to 20 MB</span>
              <input
                type="file"
                className="sr-only"
                aria-label="Take or choose photos"
                accept="image/jpeg,image/png,image/webp"
                multiple
                onChange={(e) => {
                  void take([...(e.target.files ?? [])]);
                  e.target.value = "";
                }}
              />
            </label>
          </li>
        </ul>
      </div>
      {wrong.map((w) => (
        <p key={w} className="note-wax" role="alert">
          {w}
        </p>
      ))}
      {open && <PhotoMarks photo={open} close={() => setOpen(null)} />}
    </Part>
  );
}
