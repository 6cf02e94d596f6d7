import { Fragment } from "react";
import { type SprigPlan, sameOpposite } from "../../core/set/sprigs.ts";
import type { Template } from "../../core/text/template.ts";
import type { Nm } from "../../core/units/length.ts";
import { usePane } from "../panels/pane-context.ts";
import { Length } from "../ui/Length.tsx";

type Row = { readonly says: Template; readonly at: readonly Nm[] };

const rowsOf = (plan: SprigPlan): readonly Row[] => {
  const { left, right, bottom, top } = plan.sides;
  return sameOpposite(plan)
    ? [
        { says: "head and {sill}", at: bottom },
        { says: "each jamb", at: left },
      ]
    : [
        { says: "{sill}", at: bottom },
        { says: "right jamb", at: right },
        { says: "along its head", at: top },
        { says: "left jamb", at: left },
      ];
};

/** Where each stands, side by side, from its left or its lower end: opposite sides at once where they are alike. */
export function PlacesRound({ plan }: { readonly plan: SprigPlan }) {
  const { say, prefs } = usePane();
  return (
    <>
      {rowsOf(plan).map(({ says, at }, i) => (
        <Fragment key={says}>
          {i > 0 && "; "}
          {say(says)} at{" "}
          {at.map((p, k) => (
            <span key={p}>
              {k > 0 && ", "}
              <Length nm={p} unit={prefs.unit} places={0} ticks={16} />
            </span>
          ))}
        </Fragment>
      ))}{" "}
      {prefs.unit}
    </>
  );
}
