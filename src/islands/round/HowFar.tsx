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
      {row.stations.map((s, i) => {
        const x = 8 + i * 16.5;
        if (s.state === "done")
          return <rect key={s.station} x={x - 2.5} y={11} width={5} height={21} fill="var(--glass)" />;
        if (s.state === "trouble")
          return <path key={s.station} d={`M${x} 13v11m0 4v3.5`} stroke="var(--wax)" strokeWidth={4.5} />;
        if (s.state === "begun")
          return <rect key={s.station} x={x - 2.5} y={11} width={5} height={12} fill="var(--glass)" />;
        return (
          <rect
            key={s.station}
            x={x - 0.9}
            y={11}
            width={1.8}
            height={i % 2 === 0 ? 21 : 13}
            fill="var(--mute)"
            opacity={0.55}
          />
        );
      })}
      {!signed && <path d={`M${8 + at * 16.5 - 5.5} 0h11l-5.5 7.5z`} fill="var(--ink)" />}
    </svg>
  );
}
