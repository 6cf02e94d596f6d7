import { describe, expect, it } from "vitest";
import { PLAIN_DAYS as calendar } from "../../../tests/support/plain-days.ts";
import { PANE, Teller } from "../../../tests/support/told.ts";
import { HOUSE_DEFAULTS } from "../house/rules.ts";
import { foldPane } from "./book.ts";
import { reckon } from "./reckoning.ts";
import { begunNotEnded } from "./steps-at.ts";

const left = (tell: (t: Teller) => void): readonly string[] => {
  const t = new Teller().added(PANE, "timber-putty");
  tell(t);
  const book = foldPane(PANE, t.entries);
  if (!book) throw new Error("no pane");
  return begunNotEnded("finish", book, reckon(book, { house: HOUSE_DEFAULTS, calendar })).map((s) => s.id);
};
const did = (t: Teller, step: string, state: "done" | "skipped" = "done") =>
  t.tell("step.marked", { station: "finish", step, state, reason: state === "skipped" ? "not mine" : "" });

describe("what was begun and not ended, before it is signed off", () => {
  it("is nothing where nobody ticks steps", () => expect(left(() => undefined)).toEqual([]));
  it("is the rest, where one was ticked", () => {
    const rest = left((t) => did(t, "sight-line"));
    expect(rest).toContain("paint");
    expect(rest).not.toContain("sight-line");
  });
  it("is not what was left out, nor paint that somebody else does", () => {
    const rest = left((t) => {
      did(t, "sight-line");
      did(t, "clean", "skipped");
      t.tell("finish.paint-left", { to: "customer", note: "told" });
    });
    expect(rest).not.toContain("clean");
    expect(rest).not.toContain("paint");
  });
});
