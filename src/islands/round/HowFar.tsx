import type { SVGProps } from "react";
import { STATION_NAMES } from "../../core/plan/stations.ts";
import type { RoundRow } from "../../core/round/row.ts";

/** Nine ticks of a tape: long and dark for done, half for begun, thin for not yet; a marker where it goes on. */
export function HowFar({ row }: { readonly row: RoundRow }) {
  const at = row.stations.findIndex((s) => s.station === row.next.station);
  const done = row.stations.filter((s) => s.state === "done").length;
  const signed = row.next.kind === "signed-off";
  return (
    <svg
      viewBox="0 0 150 34"
      className="h-[34px] w-[150px]"
      role="img"
      aria-label={signed ? "signed off" : `${done} of 9 done, at ${STATION_NAMES[row.next.station]}`}
    >
      {STATES.map((state) => {
        const { draw, ...look } = LOOKS[state];
        const d = row.stations.map((s, i) => (s.state === state ? draw(8 + i * 16.5, i) : "")).join("");
        return d === "" ? null : <path key={state} d={d} {...look} />;
      })}
      {!signed && <path d={`M${8 + at * 16.5 - 5.5} 0h11l-5.5 7.5z`} fill="var(--ink)" />}
    </svg>
  );
}

type State = RoundRow["stations"][number]["state"];
type Look = Pick<SVGProps<SVGPathElement>, "fill" | "stroke" | "strokeWidth" | "opacity"> & {
  readonly draw: (x: number, i: number) => string;
};

/** One path a state, not a shape a station: a long list has a thousand of these in its way. */
const LOOKS: Readonly<Record<State, Look>> = {
  done: { draw: (x) => `M${x - 2.5} 11h5v21h-5z`, fill: "var(--glass)" },
  begun: { draw: (x) => `M${x - 2.5} 11h5v12h-5z`, fill: "var(--glass)" },
  trouble: { draw: (x) => `M${x} 13v11m0 4v3.5`, stroke: "var(--wax)", strokeWidth: 4.5 },
  open: {
    draw: (x, i) => `M${x - 0.9} 11h1.8v${i % 2 === 0 ? 21 : 13}h-1.8z`,
    fill: "var(--mute)",
    opacity: 0.55,
  },
};
const STATES: readonly State[] = ["done", "begun", "trouble", "open"];
