import { SIDES } from "../../core/geometry/quad.ts";
import { usePane } from "../panels/pane-context.ts";
import { PhotoOf } from "../photos/PhotoOf.tsx";

/** A photo a side of the bare seat, one after the other: what the next bond will lie on, and proof of it afterwards. */
export function SidePhotos({ step }: { readonly step: string }) {
  const { book } = usePane();
  const shows = (side: string) => `${step}/${side}`;
  const taken = SIDES.filter((side) => book.before.photos.some((p) => p.of === shows(side)));
  const next = SIDES.find((side) => !taken.includes(side));
  return (
    <fieldset className="pt-1">
      <legend className="text-[13px] text-mute">
        A photo of each side, bare: {taken.length} of {SIDES.length} taken
      </legend>
      <div className="flex flex-wrap gap-1.5">
        {[...taken, ...(next ? [next] : [])].map((side) => (
          <PhotoOf key={side} station="ready" of={shows(side)} caption={`${side} side, bare`} name={`${side} side`} />
        ))}
      </div>
    </fieldset>
  );
}
