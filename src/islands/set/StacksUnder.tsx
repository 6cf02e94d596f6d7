import type { PackerSpot } from "../../core/set/packer-places.ts";
import { mm, type Nm } from "../../core/units/length.ts";
import { usePane } from "../panels/pane-context.ts";
import { Length } from "../ui/Length.tsx";

type Props = {
  /** What one stack is made of. */
  readonly pieces: readonly Nm[];
  /** Where all packers of the pane stand: as they are drawn. */
  readonly spots: readonly PackerSpot[];
};

/** What a pane stands on, and where: the same places that are drawn. */
export function StacksUnder({ pieces, spots }: Props) {
  const { prefs } = usePane();
  const under = spots.filter((s) => s.edge === "bottom" && s.job === "carries");
  return (
    <>
      {under.length === 1 ? "one stack" : `${under.length === 2 ? "two" : under.length} stacks`} of{" "}
      {pieces.map((p, i) => (
        <span key={`${p}-${i === 0 ? "first" : "more"}`}>
          {i > 0 && " + "}
          <Length nm={p} unit={prefs.unit} withUnit />
        </span>
      ))}{" "}
      under it, {under.length === 1 ? "its middle" : "their middles"}{" "}
      {under.map((s, i) => (
        <span key={s.atMm}>
          {i > 0 && " and "}
          <Length nm={mm(s.atMm)} unit={prefs.unit} places={0} ticks={16} withUnit={i === under.length - 1} />
        </span>
      ))}{" "}
      from the left
    </>
  );
}
