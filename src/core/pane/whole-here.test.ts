import { expect, it } from "vitest";
import { PANE, Teller } from "../../../tests/support/told.ts";
import type { Hinge } from "../measure/found.ts";
import { NOTHING_FOUND } from "../measure/found.ts";
import { foldPane } from "./book.ts";
import { wholeHere } from "./whole-here.ts";

function whole(option: "sash" | "insert" | "window" | "glass", side: "inside" | "outside", hinge: Hinge) {
  const t = new Teller().opened().added(PANE, option === "insert" ? "cassette" : "timber-bead");
  t.tell("pane.corrected", { side });
  t.tell("look.option", { option, reason: "" });
  t.tell("measure.found", { ...NOTHING_FOUND, hinge });
  const book = foldPane(PANE, t.entries);
  if (!book) throw new Error("no pane");
  return wholeHere(book, { insert: null });
}

/* Its maker hears how it hangs as seen from outside, from wherever it was looked at. */
it.each<[string, Parameters<typeof whole>, object | null]>([
  ["glass alone is nothing whole", ["glass", "outside", "left"], null],
  ["a sash looked at from outside", ["sash", "outside", "left"], { what: "sash", over: "outside", hangs: "left" }],
  ["a sash looked at from the room", ["sash", "inside", "left"], { what: "sash", over: "outside", hangs: "right" }],
  ["the same, hung at the top", ["sash", "inside", "top"], { what: "sash", over: "outside", hangs: "top" }],
  ["a window, by its hole", ["window", "outside", "hung"], { what: "window", over: "hole", hangs: "hung" }],
])("%s", (_, told, is) => {
  const got = whole(...told);
  if (is === null) expect(got).toBeNull();
  else expect(got).toEqual({ family: "", safety: null, ...is });
});
it.each<[string, Parameters<typeof whole>]>([
  ["of which nobody said how it hangs", ["sash", "outside", "not-said"]],
  ["an insert, which hangs on nothing of its own", ["insert", "inside", "left"]],
])("says nothing of how it hangs: %s", (_, told) => expect(whole(...told)).not.toHaveProperty("hangs"));
