import { describe, expect, it } from "vitest";
import { footprintOf, footprintSays, type Plate } from "./hardware.ts";

describe("a new bracket on the old one's mark", () => {
  const old: Plate = { width: 30, height: 60, holes: 45 };
  it.each<[string, Plate, boolean, boolean, readonly RegExp[]]>([
    ["the same", old, false, false, [/lies on the old mark/]],
    ["larger all round, holes on the old", { width: 34, height: 70, holes: 45 }, false, false, [/5\.0 mm past/]],
    ["wider but shorter", { width: 34, height: 58, holes: 48 }, true, true, [/old mark shows/, /old holes/]],
    ["narrower", { width: 28, height: 60, holes: 45 }, true, false, [/old mark shows/]],
    ["holes 5 off each: into the old", { width: 30, height: 70, holes: 55 }, false, true, [/past/, /old holes/]],
    ["holes 6 off each: clear", { width: 30, height: 72, holes: 57 }, false, false, [/6\.0 mm past/]],
  ])("%s", (_, now, shows, clash, says) => {
    const f = footprintOf(old, now);
    expect([f.markShows, f.holesClash]).toEqual([shows, clash]);
    const said = footprintSays(f);
    expect(said).toHaveLength(says.length);
    says.forEach((s, i) => {
      expect(said[i]).toMatch(s);
    });
  });
});
