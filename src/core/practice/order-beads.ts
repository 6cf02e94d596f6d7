import { SIDES, type Side } from "../geometry/quad.ts";
import { beadOrder, CORNERS, type Joint, type Joints, jointRules, MEETING } from "../takeout/beads.ts";
import { below, type Exercise, oneOf, until } from "./exercise.ts";

/** How many corners are mitred and force nothing, by level: the more that hold each other, the harder. */
const MITRED = [3, 2, 1, 1, 0] as const;

/** How the beads meet at the corners: in which order do they come out? */
export const ORDER_BEADS: Exercise = {
  name: "Order the {beads} out",
  why: "A {bead} that is pinned by its neighbour breaks when it is levered first.",
  make: (c, level) => {
    const [width, height] = [400 + 50 * below(c, 9), 500 + 50 * below(c, 12)];
    const joints = until((): Joints | null => {
      const mitred = MITRED[level - 1] ?? 1;
      const made: Partial<Record<(typeof CORNERS)[number], Joint>> = {};
      const free = [...CORNERS];
      for (let i = 0; i < mitred; i++) free.splice(below(c, free.length), 1);
      for (const corner of CORNERS)
        made[corner] = free.includes(corner)
          ? { kind: oneOf(c, ["runs", "laps"] as const), side: oneOf(c, MEETING[corner]) }
          : { kind: "mitred" };
      return beadOrder({ joints: made, width, height, school: "longest" }).kind === "order" ? made : null;
    });
    const rules = jointRules(joints);
    const order = beadOrder({ joints, width, height, school: "longest" });
    return {
      asks: "Tap the {beads} in the order in which they come out.",
      form: { kind: "order", sides: SIDES },
      picture: { kind: "beads", joints, width, height },
      judge: ({ picks }) => {
        const given = picks.flatMap((p): readonly Side[] => (SIDES[p] ? [SIDES[p]] : []));
        const says = order.kind === "order" ? `One way: ${order.steps.map((s) => s.side).join(", ")}.` : "";
        const whole = given.length === SIDES.length && new Set(given).size === SIDES.length;
        const broken = rules.find((r) => given.indexOf(r.first) > given.indexOf(r.next));
        if (!whole) return { right: false, offMm: null, says };
        return broken
          ? {
              right: false,
              offMm: null,
              says: `At the corner ${broken.because.replace("-", " ")} the ${broken.first} one holds the ${broken.next}: it comes first. ${says}`,
            }
          : { right: true, offMm: null, says: "No {bead} was levered that another one still held." };
      },
    };
  },
};
