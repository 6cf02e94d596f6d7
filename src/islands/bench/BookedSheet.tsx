import type { BenchPane } from "../../core/page/bench-page.ts";
import { LabelsFor } from "../ui/LabelsFor.tsx";

/** What a sheet has become. */
export type Booked = {
  /** Names of its off-cuts, as they are in the rack now. */
  readonly left: readonly string[];
  /** What was cut of it. */
  readonly panes: readonly BenchPane[];
};

/** A sheet that is cut: its panes and where each goes on, what lies there of it now, and the labels for it. */
export const BookedSheet = ({ n, left, panes }: { readonly n: number } & Booked) => (
  <div className="note flex flex-wrap items-center justify-between gap-2">
    <div>
      <p>
        Sheet {n} is cut and booked{left.length > 0 && ": its off-cuts lie in the rack"}.{" "}
        {panes.length > 0 && "Here now:"}
      </p>
      <ul>
        {panes.map((p) => (
          <li key={p.id}>
            <a className="inline-block py-2.5" href={`/panes/${p.id}`}>
              {p.where}
            </a>
          </li>
        ))}
      </ul>
    </div>
    {left.length > 0 && (
      <LabelsFor
        make={(on) => `/bench/rack/labels.pdf?${on}${left.map((l) => `&of=${encodeURIComponent(l)}`).join("")}`}
      />
    )}
  </div>
);
