import type { PackerSpot } from "../../core/set/packer-places.ts";
import { mm, type Nm } from "../../core/units/length.ts";
import { usePane } from "../panels/pane-context.ts";
import { Length } from "../ui/Length.tsx";

/** Where all packers of the pane stand: as they are drawn. */
type Spots = { readonly spots: readonly PackerSpot[] };

const under = (spots: readonly PackerSpot[]): readonly PackerSpot[] =>
  spots.filter((s) => s.edge === "bottom" && s.job === "carries");
const counted = (n: number): string => (n === 1 ? "one" : n === 2 ? "two" : String(n));

/** What a pane stands on, and where: the same places that are drawn; `pieces` is what one stack is made of. */
export function StacksUnder({ pieces, spots }: Spots & { readonly pieces: readonly Nm[] }) {
  const { prefs } = usePane();
  const { length } = under(spots);
  return (
    <>
      {counted(length)} {length === 1 ? "stack" : "stacks"} of{" "}
      {pieces.map((p, i) => (
        <span key={`${p}-${i === 0 ? "first" : "more"}`}>
          {i > 0 && " + "}
          <Length nm={p} unit={prefs.unit} withUnit />
        </span>
      ))}{" "}
      under it, <Middles spots={spots} />
    </>
  );
}

/** How many carry a pane, and where, while nobody can say how thick they are. */
export function PackersUnder({ spots }: Spots) {
  const { say } = usePane();
  const { length } = under(spots);
  return (
    <>
      {counted(length)} {say(length === 1 ? "{packer}" : "{packers}")} under it, <Middles spots={spots} />
    </>
  );
}

function Middles({ spots }: Spots) {
  const { prefs } = usePane();
  const at = under(spots);
  return (
    <>
      {at.length === 1 ? "its middle" : "their middles"}{" "}
      {at.map((s, i) => (
        <span key={s.atMm}>
          {i > 0 && " and "}
          <Length nm={mm(s.atMm)} unit={prefs.unit} places={0} ticks={16} withUnit={i === at.length - 1} />
        </span>
      ))}{" "}
      from the left
    </>
  );
}
