import { useEffect, useState } from "react";
import type { Photo } from "../../core/pane/before-book.ts";
import { waitingPhoto } from "../log/photo-store.ts";

/** The picture with its arrows: from this browser while it waits, from the server after. */
export function Picture({ photo }: { readonly photo: Photo }) {
  const src = usePhotoSource(photo.photo);
  return (
    <svg
      viewBox={`0 0 ${photo.width} ${photo.height}`}
      className="aspect-[4/3] w-full rounded bg-sheet object-cover"
      role="img"
      aria-label={photo.caption || "Photo"}
    >
      {src && <image href={src} width={photo.width} height={photo.height} />}
      <Arrows photo={photo} />
    </svg>
  );
}

/** Arrows in the picture's own measure, drawn thick enough to be seen small. */
export function Arrows({ photo }: { readonly photo: Pick<Photo, "arrows" | "width" | "height"> }) {
  const thick = Math.max(photo.width, photo.height) / 110;
  return (
    <g className="photo-arrow" strokeWidth={thick} fill="none">
      {photo.arrows.map((a) => {
        const [x1, y1, x2, y2] = [a.x1 * photo.width, a.y1 * photo.height, a.x2 * photo.width, a.y2 * photo.height];
        const turn = Math.atan2(y2 - y1, x2 - x1);
        const head = (by: number) => `${x2 - thick * 5 * Math.cos(turn + by)} ${y2 - thick * 5 * Math.sin(turn + by)}`;
        return (
          <path key={`${x1} ${y1} ${x2} ${y2}`} d={`M${x1} ${y1}L${x2} ${y2}M${head(0.5)}L${x2} ${y2}L${head(-0.5)}`} />
        );
      })}
    </g>
  );
}

export function usePhotoSource(id: string): string | null {
  const [src, setSrc] = useState<string | null>(null);
  useEffect(() => {
    let url: string | undefined;
    let gone = false;
    waitingPhoto(id).then(
      (blob) => {
        if (gone) return;
        url = blob && URL.createObjectURL(blob);
        setSrc(url ?? `/api/photos/${id}`);
      },
      () => setSrc(`/api/photos/${id}`),
    );
    return () => {
      gone = true;
      if (url) URL.revokeObjectURL(url);
    };
  }, [id]);
  return src;
}
