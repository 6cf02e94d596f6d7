import { describe, expect, it } from "vitest";
import { inches } from "../units/length.ts";
import { asksDoorEdge, PLACE_FLAGS, type PlaceFlag, placeAsked } from "./place-asked.ts";
import { type Location, safetyOf } from "./safety.ts";

const NOWHERE = { inDoor: false, wetRoom: false, stairs: false, walkway: false };

describe("what is asked of where a pane is", () => {
  it.each<[string, "M" | "F", Partial<typeof NOWHERE>, readonly PlaceFlag[]]>([
    ["by heights and doors", "M", {}, ["inDoor", "wetRoom"]],
    ["in a door, by heights", "M", { inDoor: true }, ["inDoor", "wetRoom"]],
    ["what was ticked under the other rules stays to be seen", "M", { stairs: true }, ["inDoor", "wetRoom", "stairs"]],
    ["by area, walkway and wet room", "F", {}, ["inDoor", "wetRoom", "stairs", "walkway"]],
    ["in a door, by area", "F", { inDoor: true }, ["inDoor", "wetRoom"]],
    ["in a door with a walkway beside it", "F", { inDoor: true, walkway: true }, ["inDoor", "wetRoom", "walkway"]],
  ])("%s", (_, set, at, asked) => {
    expect(placeAsked(set, { ...NOWHERE, ...at })).toEqual(asked);
  });

  const SILLS = [null, 5, 20, 40, 70].map((s) => (s === null ? null : inches(s)));
  const places = (["M", "F"] as const).flatMap((set) =>
    SILLS.flatMap((sillHeight) =>
      [null, inches(10), inches(90)].flatMap((doorDistance) =>
        [false, true].map((inDoor) => ({ set, at: { ...NOWHERE, inDoor, sillHeight, doorDistance } })),
      ),
    ),
  );
  it("what is not asked decides nothing: ticked or not, the verdict is the same", () => {
    for (const { set, at } of places)
      for (const flag of PLACE_FLAGS.filter((f) => !placeAsked(set, at).includes(f))) {
        const given: Location = { ...at, width: inches(40), height: inches(60) };
        expect(safetyOf(set, { ...given, [flag]: true }), `${set} ${flag}`).toEqual(safetyOf(set, given));
      }
  });
  it("nor does a door's edge where it is not asked", () => {
    for (const { set, at } of places.filter((p) => !asksDoorEdge(p.at))) {
      const given: Location = { ...at, width: inches(40), height: inches(60) };
      expect(safetyOf(set, { ...given, doorDistance: null })).toEqual(safetyOf(set, given));
    }
  });
});
