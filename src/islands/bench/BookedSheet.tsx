import { LabelsFor } from "../ui/LabelsFor.tsx";

type Props = {
  readonly n: number;
  /** Names of its off-cuts, as they are in the rack now. */
  readonly left: readonly string[];
};

/** A sheet that is cut: what lies there of it now, and the labels for it. */
export const BookedSheet = ({ n, left }: Props) => (
  <div className="note flex flex-wrap items-center justify-between gap-2">
    <p>Sheet {n} is cut and booked: its panes are here, its off-cuts lie in the rack.</p>
    {left.length > 0 && (
      <LabelsFor
        make={(on) => `/bench/rack/labels.pdf?${on}${left.map((l) => `&of=${encodeURIComponent(l)}`).join("")}`}
      />
    )}
  </div>
);
