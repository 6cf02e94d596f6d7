import { describe, expect, it } from "vitest";
import { ids, inOrder, type Over, ready } from "../../../tests/support/step-facts.ts";
import { effortOf } from "../steps/step.ts";

describe("making ready", () => {
  it.each<[string, Over, readonly string[], readonly string[]]>([
    [
      "putty in linseed",
      {},
      ["clean", "prime", "dry-fit"],
      ["prime-label", "mend", "drains", "mask", "wipe", "stickers", "tape-lay", "gasket-look", "rust"],
    ],
    [
      "putty in a compound that needs no primer",
      { primeRebate: false },
      ["clean", "prime-label", "dry-fit"],
      ["prime"],
    ],
    ["putty, rotten", { damage: ["rotten"] }, ["clean", "mend", "prime", "dry-fit"], ["mend-frame"]],
    ["putty, thick paint: off before it is primed", { detail: { paint: "thick" } }, ["clean", "strip", "prime"], []],
    ["putty, leaning: eased first", { ease: [{ side: "left", mm: 1.5 }] }, ["clean", "ease", "prime", "dry-fit"], []],
    [
      "timber beads in silicone",
      { system: "timber-bead", detail: { bond: "silicone" } },
      ["clean", "bead-dress", "prime-bare", "wipe", "stickers", "dry-fit", "seal-line", "mask"],
      ["prime", "tape-lay"],
    ],
    [
      "timber beads on tape",
      { system: "timber-bead", detail: { bond: "tape" } },
      ["clean", "bead-dress", "prime-bare", "wipe", "dry-fit", "tape-lay"],
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
      ["clean", "drains", "wipe", "stickers", "dry-fit", "tape-lay"],
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
      ["clean", "bead-dress", "drains", "prime-bare", "wipe", "dry-fit", "seal-line", "mask"],
      [],
    ],
    [
      "cassette with sealant",
      { system: "cassette", sealed: true },
      ["clean", "wipe", "stickers", "dry-fit", "mask"],
      ["bead-dress", "prime", "drains"],
    ],
    ["door panel on tape", { system: "compression-moulding" }, ["clean", "wipe", "dry-fit", "tape-lay"], ["mask"]],
    ["steel in compound", { system: "metal-frame", bed: "putty" }, ["clean", "rust", "dry-fit"], ["prime", "drains"]],
    [
      "aluminium with beads",
      { system: "metal-frame", detail: { metal: "beads" } },
      ["clean", "drains", "dry-fit"],
      ["rust"],
    ],
    ["storm pane", { system: "in-front" }, ["clean", "dry-fit", "gasket-look"], ["drains", "prime"]],
    [
      "the old unit goes back",
      { system: "plastic-bead-inside", oldGlassBack: true },
      ["clean", "glass-clean", "dry-fit"],
      ["stickers"],
    ],
    ["timber came away", { detail: { lost: "some" } }, ["clean", "fill", "prime", "dry-fit"], ["mend", "joints"]],
    ["timber came away, and rot as well", { detail: { lost: "some" }, damage: ["rotten"] }, ["mend"], ["fill"]],
    ["opened joints", { mends: true }, ["clean", "joints", "prime", "dry-fit"], ["fill"]],
    ["opened corners of plastic", { system: "plastic-bead-inside", mends: true }, ["clean"], ["joints"]],
    ["single to double", { rout: true }, ["clean", "rout", "prime", "dry-fit"], ["ease"]],
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
