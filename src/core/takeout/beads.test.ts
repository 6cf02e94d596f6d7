import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { SIDES, type Side } from "../geometry/quad.ts";
import {
  type BeadSchool,
  beadOrder,
  CORNERS,
  type Joint,
  type Joints,
  jointRules,
  MEETING,
  refitOrder,
} from "./beads.ts";
import { removalOrder } from "./precedence.ts";

const mitred: Joint = { kind: "mitred" };
const runs = (side: Side): Joint => ({ kind: "runs", side });
const laps = (side: Side): Joint => ({ kind: "laps", side });
const all = (bl: Joint, br: Joint, tr: Joint, tl: Joint): Joints => ({
  "bottom-left": bl,
  "bottom-right": br,
  "top-right": tr,
  "top-left": tl,
});
const order = (joints: Joints, school: BeadSchool = "longest", width = 600, height = 900) =>
  beadOrder({ joints, width, height, school });
const out = (joints: Joints, school?: BeadSchool, width?: number, height?: number): string => {
  const found = order(joints, school, width, height);
  return found.kind === "order" ? found.steps.map((s) => s.side).join(" ") : `not: ${found.corners.join(", ")}`;
};

describe("which bead first", () => {
  it.each<[string, Joints, BeadSchool, number, number, string]>([
    [
      "mitred, upright pane: a long one, then the other, the head last",
      all(mitred, mitred, mitred, mitred),
      "longest",
      600,
      900,
      "left right bottom top",
    ],
    [
      "mitred, lying pane: the foot is long, the head stays",
      all(mitred, mitred, mitred, mitred),
      "longest",
      900,
      600,
      "bottom left right top",
    ],
    [
      "mitred, both long sides first, lying",
      all(mitred, mitred, mitred, mitred),
      "long-sides",
      900,
      600,
      "bottom top left right",
    ],
    ["mitred, head and foot first", all(mitred, mitred, mitred, mitred), "ends", 600, 900, "bottom top left right"],
    [
      "head and foot run through: the sides butt and come first",
      all(runs("bottom"), runs("bottom"), runs("top"), runs("top")),
      "longest",
      600,
      900,
      "left right bottom top",
    ],
    [
      "the sides run through: head and foot butt and come first",
      all(runs("left"), runs("right"), runs("right"), runs("left")),
      "longest",
      600,
      900,
      "bottom top left right",
    ],
    [
      "the sides lap over head and foot",
      all(laps("left"), laps("right"), laps("right"), laps("left")),
      "ends",
      600,
      900,
      "left right bottom top",
    ],
    [
      "one odd corner: the left runs through at the foot only",
      all(runs("left"), mitred, mitred, mitred),
      "longest",
      600,
      900,
      "right bottom left top",
    ],
    ["nothing marked yet", {}, "longest", 600, 900, "left right bottom top"],
    [
      "each runs through at one end: no order",
      all(runs("left"), runs("bottom"), runs("right"), runs("top")),
      "longest",
      600,
      900,
      "not: bottom-left, bottom-right, top-right, top-left",
    ],
    [
      "the other way round as well",
      all(runs("bottom"), runs("right"), runs("top"), runs("left")),
      "ends",
      600,
      900,
      "not: bottom-left, top-left, top-right, bottom-right",
    ],
  ])("%s", (_, joints, school, width, height, expected) => {
    const got = out(joints, school, width, height);
    if (!expected.startsWith("not")) return expect(got).toBe(expected);
    // A circle can be named from any of its corners.
    expect(got.startsWith("not: ")).toBe(true);
    expect(got.slice(5).split(", ").sort()).toEqual([...CORNERS].sort());
  });

  it("starts in the middle of a mitred one, at the open end of the rest", () => {
    const found = order(all(mitred, mitred, mitred, mitred));
    expect(found.kind === "order" && found.steps.map((s) => s.start)).toEqual(["middle", "middle", "left", "left"]);
    const lapped = order(all(laps("left"), laps("right"), laps("right"), laps("left")));
    expect(lapped.kind === "order" && lapped.steps[0]).toMatchObject({ side: "left", start: "bottom" });
  });
  it("names the corners nobody marked", () => {
    const found = order({ "top-left": mitred });
    expect(found.kind === "order" && found.unmarked).toEqual(["bottom-left", "bottom-right", "top-right"]);
  });
});

/** Every order of four, tried one by one. */
const permutations = <T>(items: readonly T[]): T[][] =>
  items.length === 0
    ? [[]]
    : items.flatMap((x) => permutations(items.filter((y) => y !== x)).map((rest) => [x, ...rest]));
const keeps = (way: readonly string[], rules: readonly { first: string; next: string }[]): boolean =>
  rules.every((r) => way.indexOf(r.first) < way.indexOf(r.next));

describe("against trying all", () => {
  it("the beads' order keeps every corner wherever any order does, on all 1 296 sets of corners", () => {
    const marks = CORNERS.map((c): (Joint | undefined)[] => {
      const [a, b] = MEETING[c];
      return [undefined, mitred, runs(a), runs(b), laps(a), laps(b)];
    });
    let tried = 0;
    for (const bl of marks[0] ?? [])
      for (const br of marks[1] ?? [])
        for (const tr of marks[2] ?? [])
          for (const tl of marks[3] ?? []) {
            tried++;
            const joints = Object.fromEntries(
              [bl, br, tr, tl].flatMap((j, i) => (j ? [[CORNERS[i] as string, j]] : [])),
            ) as Joints;
            const rules = jointRules(joints);
            const good = permutations(SIDES).filter((way) => keeps(way, rules));
            const found = order(joints);
            if (good.length === 0) {
              if (found.kind === "order") throw new Error(JSON.stringify(joints));
              expect(found.corners).toHaveLength(4);
              continue;
            }
            if (found.kind !== "order") throw new Error(JSON.stringify(joints));
            const way = found.steps.map((s) => s.side);
            if (!keeps(way, rules)) throw new Error(`${way} ${JSON.stringify(joints)}`);
            // The head is last wherever some order allows it.
            if (good.some((g) => g[3] === "top")) expect(way[3]).toBe("top");
            const back = refitOrder({ joints, width: 600, height: 900, school: "longest" }, "ends-first");
            if (!back || !keeps([...back].reverse(), rules)) throw new Error(`back ${back} ${JSON.stringify(joints)}`);
          }
    expect(tried).toBe(1296);
  });

  const graphs = fc.integer({ min: 1, max: 6 }).chain((n) =>
    fc.record({
      ranks: fc.array(fc.integer({ min: 0, max: 3 }), { minLength: n, maxLength: n }),
      edges: fc.array(fc.tuple(fc.integer({ min: 0, max: n - 1 }), fc.integer({ min: 0, max: n - 1 })), {
        maxLength: 9,
      }),
    }),
  );
  it("any parts: the least order by rank of all that keep the rules, or a real circle", () => {
    fc.assert(
      fc.property(graphs, ({ ranks, edges }) => {
        const parts = ranks.map((rank, i) => ({ id: `p${i}`, rank }));
        const rules = edges.map(([a, b]) => ({ first: `p${a}`, next: `p${b}`, because: "" }));
        const found = removalOrder(parts, rules);
        const good = permutations(parts.map((p) => p.id)).filter((way) => keeps(way, rules));
        if (found.kind === "impossible") {
          expect(good).toEqual([]);
          expect(found.circle.length).toBeGreaterThan(0);
          found.circle.forEach((r, i) => {
            expect(rules).toContainEqual(r);
            expect(r.next).toBe(found.circle[(i + 1) % found.circle.length]?.first);
          });
          return;
        }
        const key = (way: readonly string[]) =>
          way.map((id) => `${ranks[Number(id.slice(1))]}${id.slice(1).padStart(2, "0")}`).join();
        expect(key(found.order)).toBe(good.map(key).sort()[0]);
      }),
      { numRuns: 400 },
    );
  });
});

describe("putting them back", () => {
  const frame = all(runs("bottom"), runs("bottom"), runs("top"), runs("top"));
  it.each([
    ["reverse", "top bottom right left"],
    ["ends-first", "top bottom right left"],
  ] as const)("%s: those that run through go in first", (demand, expected) =>
    expect(refitOrder({ joints: frame, width: 600, height: 900, school: "longest" }, demand)?.join(" ")).toBe(expected),
  );
  it("mitred: as the system asks", () => {
    const free = { joints: {}, width: 600, height: 900, school: "longest" } as const;
    expect(refitOrder(free, "ends-first")?.slice(0, 2).sort()).toEqual(["bottom", "top"]);
    expect(refitOrder(free, "sides-first")?.slice(0, 2).sort()).toEqual(["left", "right"]);
    expect(refitOrder(free, "reverse")).toEqual(["top", "bottom", "right", "left"]);
  });
  it("none where none comes out", () =>
    expect(
      refitOrder(
        { joints: all(runs("left"), runs("bottom"), runs("right"), runs("top")), width: 1, height: 1, school: "ends" },
        "reverse",
      ),
    ).toBeNull());
});
