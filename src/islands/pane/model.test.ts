import { describe, expect, it } from "vitest";
import { PANE, Teller } from "../../../tests/support/told.ts";
import { foldPane } from "../../core/pane/book.ts";
import { createTyping } from "../log/typing.ts";
import { nextScreen, screenAt, withTyping } from "./model.ts";

describe("the screen", () => {
  it("keeps what is typed apart, one place from another, until it is kept", () => {
    const typing = createTyping();
    typing.setKey("width-top", "61");
    typing.setKey("height-left", "9");
    typing.setKey("width-top", "612");
    expect(typing.get()).toEqual({ "width-top": "612", "height-left": "9" });
    typing.setKey("width-top", undefined);
    expect(typing.get()).toEqual({ "height-left": "9" });
  });
  it("a sheet goes when a station opens", () => {
    const s = nextScreen(screenAt("look"), { kind: "sheet", sheet: "keys" });
    expect(nextScreen(s, { kind: "open", view: "set" }).sheet).toBeNull();
  });
});

describe("the book as typed", () => {
  const book = foldPane(PANE, new Teller().added().read({ "width-top": "612", "height-left": "904" }).entries);
  it("has the reading that is being typed, and none where the field was emptied", () => {
    if (!book) throw new Error("no pane");
    const typed = withTyping(book, { "width-top": "23 5/8", "height-left": "" }, "mm");
    expect(typed.readings["width-top"]).toMatchObject({
      text: "23 5/8",
      read: { ok: true, value: { exact: 600_075_000 } },
    });
    expect(typed.readings["height-left"]).toBeUndefined();
    expect(book.readings["height-left"]?.text).toBe("904");
    expect(withTyping(book, {}, "mm")).toBe(book);
  });
});
