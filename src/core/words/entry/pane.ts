import { frameOf } from "../../frame/systems.ts";
import type { PanePayloads } from "../../log/kinds/pane.ts";
import { STATION_NAMES } from "../../plan/stations.ts";
import type { WordsOf } from "./parts.ts";

/** Lines of the logbook about a pane itself, its steps, notes and photos. */
export const PANE_WORDS: WordsOf<PanePayloads> = {
  "pane.added": (p) =>
    p.unsaid
      ? "{Pane} added: how its glass is held is not known yet"
      : `{Pane} added: ${frameOf(p.system).name}, seen from ${p.side}`,
  "pane.corrected": (p) => `{Pane} corrected: ${Object.values(p).filter(Boolean).join(", ")}`,
  "note.written": (p) => `Note: ${p.text}`,
  "step.marked": (p) => stepWords(p),
  struck: (p) => `Struck through${p.reason ? `: ${p.reason}` : ""}`,
  unread: (p) => `Set aside, because it cannot be read (${p.kind}): ${p.why}`,
  "step.sides": (p) => `${STATION_NAMES[p.station]}, ${p.step.replaceAll("-", " ")}: ${p.done.join(", ") || "none"}`,
  "photo.added": (p) => `Photo${p.caption ? `: ${p.caption}` : ""}`,
  "photo.marked": (p) => `Photo marked${p.caption ? `: ${p.caption}` : ""}`,
  "photo.off": () => "Photo taken off",
};

function stepWords(p: PanePayloads["step.marked"]): string {
  const name = `${STATION_NAMES[p.station]}, ${p.step.replaceAll("-", " ")}`;
  if (p.state === "open") return `${name}: opened again`;
  return p.state === "done" ? `${name}: done` : `${name}: skipped${p.reason ? `, ${p.reason}` : ""}`;
}
