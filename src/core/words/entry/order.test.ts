import { describe, expect, it } from "vitest";
import { ORDER, ORDER_LINE, uuid } from "../../../../tests/support/told.ts";
import { EntrySchema } from "../../../contract/entry.ts";
import type { Entry, Kind, Payloads } from "../../log/kinds.ts";
import { pence } from "../../money/pence.ts";
import { entryWords } from "../entry.ts";

/** A payload of each kind of ordering, quoting and ending, and what the logbook says. */
const SAID: { readonly [K in Kind]?: readonly [Payloads[K], RegExp] } = {
  "supplier.terms": [
    {
      name: "Shop",
      makes: ["single", "units"],
      leastPence: pence(1800),
      deliveryPence: pence(0),
      products: [{ product: "float/4", pencePerM2: pence(4800) }],
      extras: [{ extra: "bars", pence: pence(450), per: "each" }],
    },
    /^Shop: makes single glass, cut, sealed units; 1 prices, least 18\.00$/,
  ],
  "order.stood-by": [{ ids: ["square", "safety"], reason: "it is square" }, /\(square, safety\): it is square$/],
  "order.read-back": [
    { line: ORDER_LINE.line, figures: ["width", "height"] },
    /^Read back and repeated: width, height$/,
  ],
  "order.handed": [{ key: "k", to: "Shop" }, /^Handed to Shop$/],
  "order.acknowledged": [
    { day: "2026-05-20", pence: pence(4510), due: "2026-05-29", theirs: "S-1", how: "telephone" },
    /^Acknowledged by telephone: due .*29 May, 45\.10, their S-1$/,
  ],
  "order.asked": [{ question: "q", line: null, asks: "Which is the width?" }, /^They ask: Which is the width\?$/],
  "order.answered": [{ question: "q", answer: "608" }, /^Answered: 608$/],
  "order.note": [{ theirs: "S-1", day: "2026-05-29", lines: [] }, /^Delivery note S-1, 0 lines$/],
  "order.outcome": [
    { line: ORDER_LINE.line, outcome: "remake", due: "2026-06-02", note: "" },
    /^To be made again, due .*2 Jun$/,
  ],
  "quote.made": [
    { quote: uuid(1), day: "2026-05-20", lines: [], taxPence: pence(20), totalPence: pence(123456) },
    /^Quoted 1,234\.56, tax and all$/,
  ],
  "quote.answered": [
    { quote: uuid(1), accepted: false, day: "2026-05-20", note: "too dear" },
    /^Quote turned down: too dear$/,
  ],
  "quote.spent": [
    { quote: uuid(1), hours: 2.5, glassPence: pence(3010), otherPence: pence(0) },
    /^Came to 2\.5 h, glass 30\.10, other 0\.00$/,
  ],
  "set.material": [
    { what: "Linseed", batch: "B7", expiry: "2027-01-31" },
    /^Used: Linseed, batch B7, good until .*31 Jan$/,
  ],
  "signoff.snag": [
    { snag: uuid(1), says: "paint run", due: "2026-06-02", done: false },
    /^To put right: paint run, by .*2 Jun$/,
  ],
};

describe("the logbook's line", () => {
  it.each(Object.entries(SAID))("%s", (kind, [payload, says]) => {
    const entry = {
      id: uuid(1),
      at: "2026-05-20T08:00:00.000Z",
      who: "Nell",
      about: kind.startsWith("quote")
        ? { round: uuid(2) }
        : kind.startsWith("order.")
          ? { order: ORDER }
          : { pane: uuid(3) },
      kind,
      payload,
    };
    expect(EntrySchema.safeParse(entry).error?.issues ?? []).toEqual([]);
    expect(entryWords(entry as unknown as Entry, { unit: "mm", dialect: "a" })).toMatch(says);
  });
});
