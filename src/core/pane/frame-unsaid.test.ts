import { describe, expect, it } from "vitest";
import { PANE, ROUND, Teller } from "../../../tests/support/told.ts";
import { withFirm } from "../firm/firm.ts";
import { foldFirm } from "../firm/fold-firm.ts";
import { STATIONS } from "../plan/stations.ts";
import { foldPane } from "./book.ts";
import { reckon } from "./reckoning.ts";
import { standingAt } from "./standing.ts";

/** A pane taken down by telephone: nobody has seen how its glass is held. */
const rung = () => {
  const t = new Teller().opened();
  t.tell("pane.added", {
    round: ROUND,
    address: "No. 5",
    opening: "kitchen",
    light: "",
    system: "timber-putty",
    side: "outside",
    unsaid: true,
  });
  return t;
};
const said = (t: Teller) => {
  const book = foldPane(PANE, t.entries);
  if (!book) throw new Error("no pane");
  const r = reckon(book, withFirm(foldFirm(t.entries)));
  return STATIONS.filter((s) => standingAt(s, book, r).says.kind === "frame-unsaid");
};

describe("how a pane stands of which nobody said the frame", () => {
  it("shows no steps, glass or looks of a usual one", () =>
    expect(said(rung())).toEqual(["takeout", "specify", "ready", "set", "signoff"]));
  it("shows what somebody did or chose all the same", () => {
    const t = rung();
    t.tell("specify.glass", { kind: "float", thickness: { text: "4", unit: "mm" }, edges: "arrissed", pattern: "" });
    t.tell("step.marked", { station: "takeout", step: "sheet", state: "done", reason: "" });
    expect(said(t)).toEqual(["ready", "set", "signoff"]);
  });
  it("is as ever once it is said", () => {
    const t = rung();
    t.tell("pane.corrected", { system: "timber-putty" });
    expect(said(t)).toEqual([]);
  });
});
