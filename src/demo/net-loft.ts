import { lightsOf } from "../core/round/lights.ts";
import { TAKEN_OUT } from "./steps-done.ts";
import type { Story } from "./story.ts";
import type { ToldPane } from "./told-pane.ts";

/** Three like panes of one sash, each read for itself: what they lean and differ by is their own. */
const READ = [
  { w: ["386", "386", "386.5"], h: ["521", "521", "521"], up: "648.5", down: "648.5" },
  { w: ["385.5", "386", "386"], h: ["521", "521.5", "521"], up: "648.5", down: "648.5" },
  { w: ["386.5", "386.5", "386"], h: ["519.5", "519.5", "520"], up: "647.5", down: "648" },
] as const;

export const NET_LOFT = lightsOf("harbour sash", 1, 3);

/** Out and boarded since yesterday, read from the cleared rebate, nothing left to settle: they wait for the bench. */
export function tellNetLoft(story: Story, panes: readonly ToldPane[]): void {
  story.on(-1, 13, "Nell Harrow");
  panes.forEach((p, i) => {
    const read = READ[i];
    if (!read) return;
    p.looked(["cracked"], "hail", "this-week", 1)
      .wanted(16)
      .did("takeout", "clear-below", ...TAKEN_OUT)
      .read({ ...read, depth: "9", width: "16", sill: "1200" })
      .at({ noDoorMm: 300 })
      .glass("float", "4");
    story.tell("specify.bed", p.about, { compound: "linseed" });
    story.tell("look.closed", p.about, {
      how: "one 9 mm board over the row, screwed",
      since: story.day(-1),
      until: story.day(16),
      told: "harbour steward",
    });
  });
}
