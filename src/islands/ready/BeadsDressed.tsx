import { CountField } from "../panels/CountField.tsx";
import { ReadingField, ReadingTrouble } from "../panels/ReadingField.tsx";
import { ThroughSum } from "../panels/ThroughSum.tsx";

/** Pins drawn from the beads, what was sanded off, and whether all still finds room through the thickness. */
export function BeadsDressed() {
  return (
    <div className="space-y-2">
      <CountField what="nails" way="back" />
      <div className="grid grid-cols-2 gap-2">
        <ReadingField place="bead-width" label="width before" />
        <ReadingField place="bead-sanded" label="sanded off" />
      </div>
      <ReadingTrouble places={["bead-width", "bead-sanded"]} />
      <ThroughSum />
    </div>
  );
}
