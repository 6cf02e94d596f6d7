import { describe, expect, it } from "vitest";
import { ids, inOrder, type Over, ready } from "../../../tests/support/step-facts.ts";
import { effortOf } from "../steps/step.ts";

describe("making ready", () => {
  it.each<[string, Over, readonly string[], readonly string[]]>([
    [
      "putty in linseed",
      {},
      ["clean", "dry-fit", "prime"],
      ["prime-label", "mend", "drains", "mask", "wipe", "stickers", "tape-lay", "gasket-look", "rust"],
    ],
    [
      "putty in a compound that needs no primer",
      { primeRebate: false },
      ["clean", "dry-fit", "prime-label"],
      ["prime"],
    ],
    [
      "putty in linseed, and a quick primer: it is primed all the same",
      { primerHours: 1 },
      ["clean", "dry-fit", "prime"],
      ["prime-label"],
    ],
    [
      "putty from a gun: no primer of sixteen hours",
      { bed: "putty", workedBy: "gun", oily: false, primeRebate: false },
      ["clean", "dry-fit", "prime-label"],
      ["prime", "mask", "wipe"],
    ],
    [
      "tape and sealant together",
      { system: "plastic-bead-outside", bed: "both" },
      ["dry-fit", "seal-line", "wipe", "mask", "tape-lay"],
      ["gasket-look"],
    ],
    [
      "it bound when it was tried: eased, and tried again",
      { boundDry: true },
      ["clean", "ease-tight", "dry-fit", "prime"],
      [],
    ],
    [
      "out of the rack, and larger there than it goes in",
      { cutDown: { of: "Rack A, 450 by 600", widthMm: 354, heightMm: 512.8, edges: 2 } },
      ["clean", "cut-down", "dry-fit", "prime"],
      [],
    ],
    [
      "cut here: nobody stuck a label on it",
      { system: "timber-bead", bed: "silicone", cutHere: true },
      ["clean", "dry-fit"],
      ["stickers"],
    ],
    [
      "plastic that bound is not eased",
      { system: "plastic-bead-inside", boundDry: true },
      ["clean", "dry-fit"],
      ["ease-tight"],
    ],
    [
      "eased after its primer",
      { boundDry: true, easedPrimed: true },
      ["ease-tight", "dry-fit", "prime", "prime-eased"],
      [],
    ],
    ["putty, rotten", { damage: ["rotten"] }, ["clean", "mend", "dry-fit", "prime"], ["mend-frame"]],
    ["putty, thick paint: off before it is primed", { detail: { paint: "thick" } }, ["clean", "strip", "prime"], []],
    ["putty, leaning: eased first", { ease: [{ side: "left", mm: 1.5 }] }, ["clean", "ease", "dry-fit", "prime"], []],
    [
      "timber beads in silicone",
      { system: "timber-bead", detail: { bond: "silicone" } },
      ["clean", "bead-dress", "stickers", "dry-fit", "seal-line", "prime-bare", "wipe", "mask"],
      ["prime", "tape-lay"],
    ],
    [
      "timber beads on tape",
      { system: "timber-bead", detail: { bond: "tape" } },
      ["clean", "bead-dress", "dry-fit", "prime-bare", "wipe", "tape-lay"],
      ["mask", "seal-line"],
    ],
    [
      "timber beads with a unit: drained",
      { system: "timber-bead", sealed: true, detail: { bond: "tape" } },
      ["clean", "drains", "dry-fit"],
      [],
    ],
    [
      "timber beads thrown away: none to dress",
      { system: "timber-bead", detail: { keep: "destroy" } },
      ["clean"],
      ["bead-dress"],
    ],
    [
      "plastic, beads inside",
      { system: "plastic-bead-inside", sealed: true },
      ["clean", "drains", "stickers", "dry-fit", "gasket-look"],
      ["prime", "prime-bare", "mask", "bead-dress", "mend"],
    ],
    [
      "plastic, beads outside",
      { system: "plastic-bead-outside", sealed: true },
      ["clean", "drains", "stickers", "dry-fit", "wipe", "tape-lay"],
      ["mask", "prime-bare"],
    ],
    [
      "plastic, cracked member",
      { system: "plastic-bead-inside", damage: ["rotten"] },
      ["clean", "mend-frame"],
      ["mend"],
    ],
    [
      "plastic without beads",
      { system: "plastic-no-bead", sealed: true },
      ["clean", "drains", "dry-fit", "gasket-look"],
      ["wipe"],
    ],
    [
      "clad, pinned stops",
      { system: "pinned-stop", sealed: true },
      ["clean", "bead-dress", "drains", "dry-fit", "seal-line", "prime-bare", "wipe", "mask"],
      [],
    ],
    [
      "cassette with sealant",
      { system: "cassette", sealed: true },
      ["clean", "stickers", "dry-fit", "wipe", "mask"],
      ["bead-dress", "prime", "drains"],
    ],
    ["door panel on tape", { system: "compression-moulding" }, ["clean", "dry-fit", "wipe", "tape-lay"], ["mask"]],
    [
      "steel in compound",
      { system: "metal-frame", bed: "putty" },
      ["clean", "rust", "dry-fit", "prime-metal"],
      ["prime", "drains"],
    ],
    [
      "aluminium with beads",
      { system: "metal-frame", detail: { metal: "beads" } },
      ["clean", "drains", "dry-fit"],
      ["rust", "prime-metal"],
    ],
    ["storm pane", { system: "in-front" }, ["clean", "dry-fit", "gasket-look"], ["drains", "prime"]],
    [
      "the old unit goes back",
      { system: "plastic-bead-inside", oldGlassBack: true },
      ["clean", "glass-clean", "dry-fit"],
      ["stickers"],
    ],
    ["timber came away", { detail: { lost: "some" } }, ["clean", "fill", "dry-fit", "prime"], ["mend", "joints"]],
    ["timber came away, and rot as well", { detail: { lost: "some" }, damage: ["rotten"] }, ["mend"], ["fill"]],
    ["opened joints", { mends: true }, ["clean", "joints", "dry-fit", "prime"], ["fill"]],
    ["opened corners of plastic", { system: "plastic-bead-inside", mends: true }, ["clean"], ["joints"]],
    ["single to double", { rout: true }, ["clean", "rout", "dry-fit", "prime"], ["ease"]],
    ["water stood in a putty frame", { waterStood: true }, ["clean", "drains", "prime"], []],
    ["swept before the new glass comes near", {}, ["clean", "sweep", "dry-fit"], []],
    ["welded: nothing to make ready", { system: "plastic-no-bead", closed: true }, [], ["clean", "dry-fit"]],
  ])("%s", (_, over, has, hasNot) => {
    const all = ids(ready(over));
    inOrder(all, has);
    for (const id of hasNot) expect([id, all.includes(id)]).toEqual([id, false]);
  });
  it("sums the hands-on minutes and the waits apart", () => {
    const effort = effortOf(ready({ damage: ["rotten"] }));
    // clean 12, mend 30, prime 8, dry fit 5, sweep 4; mend waits a day, primer 16 hours.
    expect(effort).toEqual({ minutes: 59, waitHours: 40, people: 1 });
  });
});
