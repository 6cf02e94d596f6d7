import { type PointerEvent, useState } from "react";
import type { PhotoArrow } from "../../core/log/kinds/pane.ts";
import { labelOf } from "../../core/pane/order-line.ts";
import { usePane } from "../panels/pane-context.ts";
import { Sheet } from "../ui/Sheet.tsx";
import { Arrows, usePhotoSource } from "./Picture.tsx";

/** One photo, large: drag to draw an arrow, say what it shows, or take it off. */
export function PhotoMarks({ photo: id, close }: { readonly photo: string; readonly close: () => void }) {
  const { book, write } = usePane();
  const photo = book.before.photos.find((p) => p.photo === id);
  const src = usePhotoSource(id);
  const [from, setFrom] = useState<{ x: number; y: number } | null>(null);
  const [to, setTo] = useState<{ x: number; y: number } | null>(null);
  if (!photo) return null;
  const at = (e: PointerEvent<SVGSVGElement>) => {
    const box = e.currentTarget.getBoundingClientRect();
    const share = (v: number) => Math.min(1, Math.max(0, v));
    return { x: share((e.clientX - box.left) / box.width), y: share((e.clientY - box.top) / box.height) };
  };
  const mark = (arrows: readonly PhotoArrow[], caption = photo.caption) =>
    write("photo.marked", { photo: id, arrows, caption });
  const drawn = from && to ? [...photo.arrows, { x1: from.x, y1: from.y, x2: to.x, y2: to.y }] : photo.arrows;
  return (
    <Sheet title={labelOf(book)} close={close}>
      <svg
        viewBox={`0 0 ${photo.width} ${photo.height}`}
        className="max-h-[60dvh] w-full touch-none bg-sheet"
        role="img"
        aria-label={photo.caption || "Photo"}
        onPointerDown={(e) => {
          e.currentTarget.setPointerCapture(e.pointerId);
          setFrom(at(e));
          setTo(null);
        }}
        onPointerMove={(e) => from && setTo(at(e))}
        onPointerUp={() => {
          if (from && to && Math.hypot(to.x - from.x, to.y - from.y) > 0.02)
            mark([...photo.arrows, { x1: from.x, y1: from.y, x2: to.x, y2: to.y }]);
          setFrom(null);
          setTo(null);
        }}
      >
        {src && <image href={src} width={photo.width} height={photo.height} />}
        <Arrows photo={{ ...photo, arrows: drawn }} />
        <text x={photo.width * 0.02} y={photo.height * 0.97} className="photo-label" fontSize={photo.height / 22}>
          {labelOf(book)}
        </text>
      </svg>
      <p className="text-[13px] text-mute">Drag on the picture to draw an arrow; its head is where you let go.</p>
      <label className="block">
        <span className="text-[13px] text-mute">What it shows</span>
        <input
          key={photo.caption}
          maxLength={200}
          defaultValue={photo.caption}
          onBlur={(e) => e.target.value !== photo.caption && mark(photo.arrows, e.target.value)}
        />
      </label>
      <div className="flex flex-wrap gap-2 pt-2">
        <button type="button" className="btn btn-main" onClick={close}>
          Keep it
        </button>
        {photo.arrows.length > 0 && (
          <button type="button" className="btn" onClick={() => mark(photo.arrows.slice(0, -1))}>
            Take back an arrow
          </button>
        )}
        <button
          type="button"
          className="btn"
          onClick={() => {
            write("photo.off", { photo: id });
            close();
          }}
        >
          Take the photo off
        </button>
      </div>
    </Sheet>
  );
}
