import { SIDES } from "../../core/geometry/quad.ts";
import { PhotoOf } from "../photos/PhotoOf.tsx";

/** A photo a side of the bare seat: what the next bond will lie on, and proof of it afterwards. */
export const SidePhotos = ({ step }: { readonly step: string }) => (
  <fieldset className="pt-1">
    <legend className="text-[13px] text-mute">A photo of each side, bare</legend>
    <div className="flex flex-wrap gap-1.5">
      {SIDES.map((side) => (
        <PhotoOf key={side} station="ready" of={`${step}/${side}`} caption={`${side} side, bare`} name={side} />
      ))}
    </div>
  </fieldset>
);
