import { describe, expect, it } from "vitest";
import { PANE, uuid } from "../../../tests/support/told.ts";
import { TUB } from "../../../tests/support/tub.ts";
import { EntrySchema } from "../../contract/entry.ts";
import type { Entry, Kind, Payloads } from "../log/kinds.ts";
import { pence } from "../money/pence.ts";
import { entryWords } from "./entry.ts";
import { money } from "./money.ts";

/** A payload of each kind of looking, taking out, making ready, refurbishing and specifying, and what the logbook says. */
const SAID: { readonly [K in Kind]?: readonly [Payloads[K], RegExp] } = {
  "building.lead": [{ address: "No. 5", result: "none" }, /^No\. 5: paint tested, lead none$/],
  "look.answer": [{ question: "mist", answer: "stays" }, /^Mist, stain or drops: stays: it is inside$/],
  "look.opens": [{ opens: false }, /cannot be opened/],
  "look.special": [{ special: ["fire"], licensed: "Orla Fenn" }, /fire door.*by Orla Fenn$/],
  "look.condition": [{ member: "bottom", state: "mend", note: "soft" }, /^bottom member: mend first, soft$/],
  "look.option": [{ option: "glass", reason: "lasts" }, /^To do: new glass or sealed unit alone, because lasts$/],
  "look.earlier": [{ found: ["taped"] }, /panes held with tape/],
  "look.wants": [{ by: "2026-05-22", mustLock: true, minds: "rattle" }, /by .*22 May, must lock, rattle/],
  "takeout.detail": [{ bond: "silicone", keep: "destroy" }, /Glass stuck with silicone, The beads are cut away/],
  "takeout.front": [{ front: [{ what: "blind", kept: "hall", fate: "back" }] }, /blind \(hall\)/],
  "takeout.joints": [
    { joints: { "top-left": { kind: "runs", side: "top" } }, school: "longest" },
    /top left top runs through; longest first/,
  ],
  "takeout.map": [
    {
      item: uuid(1),
      thing: "packer",
      edge: "bottom",
      share: 0.2,
      thickness: { text: "3", unit: "mm" },
      width: null,
      material: "red",
    },
    /^On the map: packer, bottom, 3 mm, red$/,
  ],
  "takeout.map-off": [{ item: uuid(1) }, /off the map/],
  "takeout.counted": [{ what: "screws", way: "out", count: 12 }, /^12 screws out$/],
  "step.sides": [{ station: "ready", step: "clean", done: ["left", "top"] }, /^Make ready, clean: left, top$/],
  "profile.known": [
    { profile: "ovolo", unhooks: "lift", gave: "corner", tape: "thick", brittle: true, lesson: "warm it" },
    /^Beads of ovolo: lifted first, gave at a corner, thick tape, brittle, warm it$/,
  ],
  "work.took": [
    { system: "timber-putty", station: "takeout", step: "face-putty/hard", minutes: 25, metres: 3 },
    /^Take out, face putty\/hard: took 25 min$/,
  ],
  "weather.told": [
    {
      day: "2026-05-20",
      days: [
        { wet: true, lowC: 8 },
        { wet: false, lowC: null },
      ],
    },
    /^Weather as it was told on .*20 May.*, of 2 days: 1 wet$/,
  ],
  "takeout.profile": [{ profile: "ovolo" }, /^Frame profile: ovolo$/],
  "takeout.broken": [{ beads: ["left", "top"] }, /^Beads broken: left, top$/],
  "waste.out": [{ waste: "toughened", bags: 2, where: "yard skip" }, /^Away: 2 bags of toughened, yard skip$/],
  "hands.booked": [
    { day: "2026-05-22", from: "09:30", hours: 1, helper: "Tamsin" },
    /^Second person .*22 May from 09:30, 1 h: Tamsin$/,
  ],
  "refurbish.cleaned": [{ cleaner: "vinegar", result: "film" }, /^Cleaned with vinegar and water: film$/],
  "ready.dry-fit": [{ fit: "tight", note: "" }, /binds/],
  "specify.looks": [
    { tint: "bronze", runs: "up", texture: "room", mark: "", markAt: "bottom-left" },
    /^Looks: bronze tint, lines run upright, texture to the room$/,
  ],
  "specify.panel": [
    { panel: { make: "two-thin", mm: 4, lineMm: null, neighbourMm: null } },
    /^Solid panel: two thin, texture between them, 8 mm$/,
  ],
  "specify.hinges": [{ sashKg: 18, ratedKg: null, apartMm: 900 }, /^Hinges: sash 18 kg, rated not read$/],
  "specify.sun": [{ partShade: true, darkFrame: false }, /^Sun: part in shade$/],
  "specify.parts": [
    { parts: ["beads", "tape"], note: "left hand" },
    /^To come with it: beads, glazing tape; left hand$/,
  ],
  "ready.hardware": [{ what: "hinges", fate: "strip" }, /^hinges: strip its paint first$/],
  "ready.drains": [{ found: 3, clear: 2, note: "" }, /^Drains: 2 of 3 clear$/],
  "photo.added": [{ photo: uuid(2), station: "look", width: 10, height: 10, caption: "crack" }, /^Photo: crack$/],
  "photo.marked": [{ photo: uuid(2), arrows: [], caption: "" }, /^Photo marked$/],
  "photo.off": [{ photo: uuid(2) }, /^Photo taken off$/],
  "refurbish.gaps": [
    { left: 4, right: 5.5, top: null, bottom: 4 },
    /^Spacer in from the edge, mm: left 4, right 5.5, top not read, bottom 4$/,
  ],
  "refurbish.panes": [{ a: "cross", b: "" }, /A cross, B not said/],
  "refurbish.unit": [
    { spacerMm: 16, boreMm2: 70, channelMm: 4, filledSides: 4, keyLegMm: 25 },
    /spacer 16 mm, bore 70 mm², channel 4 mm, keys 25 mm, all filled/,
  ],
  "refurbish.weighed": [{ grams: 165, minutes: 60 }, /^Beads weigh 165 g after 60 min$/],
  "refurbish.closed": [{ day: "2026-05-20", sealant: "unit", lookAgain: "2026-11-20" }, /no gas; look again/],
  "stock.pane": [{ name: "Rack A", widthNm: 1, heightNm: 1, thicknessNm: 1, glass: "float" }, /^In stock: Rack A$/],
  "size.shaped": [
    { corners: [0, 1, 2, 3].map((n) => ({ x: n, y: n })), reason: "racked" },
    /^Cut to shape by its corners, because racked$/,
  ],
  "specify.makeup": [
    {
      makeup: {
        panes: [
          { mm: 4, kind: "float" },
          { mm: 6.4, kind: "laminated" },
        ],
        cavities: [{ mm: 14, gas: "argon", fill: 0.9 }],
        coatings: [{ face: 3, emissivity: 0.05 }],
        spacer: "warm edge, black",
      },
    },
    /^Sealed unit: 4-14-6\.4, argon, coated on 3, inner laminated, warm edge, black$/,
  ],
  "specify.exposure": [{ exposure: "coast" }, /coast or hilltop/],
  "specify.sash": [{ position: "lower", sashKg: 9 }, /^Sash: lower, 9 kg/],
  "set.tag": [{ tag: uuid(3) }, /tag was read$/],
  "set.facing": [{ sign: "coating", seen: "second flame" }, /^Facing by its coating: second flame$/],
  "finish.visit": [{ day: "2026-06-01", visit: "paint" }, /^Back on .*1 Jun: trim, prime and paint$/],
  "lesson.kept": [
    {
      lesson: uuid(4),
      says: "warm it",
      station: "takeout",
      system: "timber-bead",
      profile: "ovolo",
      address: "No. 5",
      pane: PANE,
    },
    /^Learnt: warm it$/,
  ],
  "specify.bed": [{ compound: "tape-and-sealant" }, /^To be set in Glazing tape, and silicone outside it$/],
  "bed.usual": [{ system: "timber-putty", compound: "acrylic" }, /^Usual in Timber, face putty: Acrylic or latex/],
  "finish.paint-left": [{ to: "customer", note: "told" }, /^Paint is left to the customer: told$/],
  "order.promised": [{ due: "2026-05-22", note: "" }, /^Promised anew for Fri 22 May$/],
  "stock.counted": [{ name: "Rack A", count: 2 }, /^Counted in the rack: Rack A, 2$/],
  "order.chased": [
    { day: "2026-05-20", how: "telephone", says: "furnace down", due: "2026-05-27" },
    /^Asked after on the telephone: furnace down; now promised for Wed 27 May$/,
  ],
  "order.broke": [{ line: uuid(1), whose: "ours", note: "off the rack" }, /^It broke \(ours to pay\): off the rack$/],
  "order.had": [
    { from: "rack", width: { text: "600", unit: "mm" }, height: { text: "900", unit: "mm" }, note: "" },
    /^The glass is here, off the rack: 600 × 900 mm$/,
  ],
  "firm.details": [
    { name: "Alder Glass", address: "1 Quay", telephone: "", mail: "", taxNumber: "" },
    /^On the papers: Alder Glass, 1 Quay$/,
  ],
  "customer.kept": [
    { address: "No. 5", name: "W. Alder", telephone: "", keyHolder: "No. 3" },
    /^No\. 5: W\. Alder, key: No\. 3$/,
  ],
  "compound.kept": [TUB, /^Tub 7 as its label says$/],
  "shelf.kept": [{ what: "glazing tape", amount: 12, unit: "m" }, /^On the shelf: 12 m of glazing tape$/],
  "person.figure": [
    { person: "Nell", rule: "cutOffMm", value: 0.8, own: { seen: 34, of: "sides" } },
    /^One tape's own figure: .+, 0\.8 mm$/,
  ],
  "supplier.figure": [
    { supplier: "Fen End", rule: "cutOffMm", value: 1.2, own: { seen: 34, of: "sides" } },
    /^Fen End: their own figure: .+, 1\.2 mm$/,
  ],
  "person.asked": [{ person: "Jos", system: "timber-putty", of: "Nell" }, /^Jos wants to be shown .+ by Nell$/],
  "person.explains": [{ person: "Nell", how: "little" }, /^Explained to Nell: little$/],
  "bench.cutter": [
    { name: "blue", offsetNm: 2_400_000 },
    /^Glass cutter blue: its wheel runs 2\.4 mm off the straightedge$/,
  ],
  "kit.forgot": [{ what: "pincers", day: "2026-05-20" }, /^Left behind .*20 May: pincers$/],
  "specify.match": [{ answer: "will-show", note: "asked" }, /^Beside its neighbours: will show, asked$/],
};

const entry = (kind: string, payload: unknown): unknown => ({
  id: uuid(9),
  at: "2026-05-20T08:00:00.000Z",
  who: "Nell",
  about: { pane: PANE },
  kind,
  payload,
});

describe("the logbook's line for what was looked at, taken out, made ready and specified", () => {
  it.each(Object.entries(SAID))("%s", (kind, [payload, says]) => {
    const parsed = EntrySchema.safeParse(entry(kind, payload));
    expect([kind, parsed.success]).toEqual([kind, true]);
    const e = parsed.data as Entry;
    for (const dialect of ["a", "b"] as const)
      expect(entryWords(e, { unit: "mm", dialect })).not.toMatch(/[{}]|undefined|NaN/);
    expect(entryWords(e, { unit: "mm", dialect: "a" })).toMatch(says);
  });
  it.each([
    ["an answer of another question", "look.answer", { question: "mist", answer: "hinged" }],
    ["a share past the edge's end", "takeout.map", { ...(SAID["takeout.map"]?.[0] as object), share: 1.2 }],
    ["a detail nobody knows", "takeout.detail", { bond: "glue" }],
    ["fewer corners than four", "size.shaped", { corners: [{ x: 0, y: 0 }], reason: "x" }],
    [
      "one sheet is no unit",
      "specify.makeup",
      { makeup: { panes: [{ mm: 4, kind: "float" }], cavities: [], coatings: [], spacer: "" } },
    ],
  ])("refuses %s", (_, kind, payload) => expect(EntrySchema.safeParse(entry(kind, payload)).success).toBe(false));
});

describe("money", () => {
  it.each([
    [0, "£0.00"],
    [5, "£0.05"],
    [23_340, "£233.40"],
    [123_456_789, "£1,234,567.89"],
    [-150, "−£1.50"],
    [-5, "−£0.05"],
  ])("%i pence", (costs, text) => expect(money(pence(costs), "£")).toBe(text));
});
