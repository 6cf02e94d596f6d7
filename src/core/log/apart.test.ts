import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { PANE, Teller, uuid } from "../../../tests/support/told.ts";
import { foldPane } from "../pane/book.ts";
import { headsOf, threadOf } from "./apart.ts";
import type { Entry, Kind, Payloads } from "./kinds.ts";
import { readLog } from "./standing-entries.ts";

/** Writes as a device does: with what it has seen of the same thing. */
class Device {
  readonly log: Entry[] = [];
  #n = 0;
  readonly #who: string;
  readonly #ids: number;
  readonly #clockOffMinutes: number;
  constructor(who: string, ids: number, clockOffMinutes = 0) {
    this.#who = who;
    this.#ids = ids;
    this.#clockOffMinutes = clockOffMinutes;
  }
  write<K extends Kind>(kind: K, payload: Payloads[K], minute: number): Entry {
    const bare = {
      id: uuid(this.#ids + this.#n++),
      at: new Date(Date.UTC(2026, 4, 4, 10, minute + this.#clockOffMinutes)).toISOString(),
      who: this.#who,
      about: { pane: PANE },
      kind,
      payload,
    } as unknown as Entry;
    const thread = threadOf(bare);
    const entry = thread === null ? bare : { ...bare, seen: headsOf(readLog(this.log).standing, thread) };
    this.log.push(entry);
    return entry;
  }
  hear(other: Device): void {
    const there = new Set(this.log.map((e) => e.id));
    this.log.push(...other.log.filter((e) => !there.has(e.id)));
  }
}

const two = (off = 0): [Device, Device] => {
  const t = new Teller().opened().added();
  const [bram, nell] = [new Device("Bram", 0x100), new Device("Nell", 0x200, off)];
  bram.log.push(...t.entries);
  nell.log.push(...t.entries);
  return [bram, nell];
};
const reading = (text: string) => ({ place: "width-top", text, unit: "mm" }) as const;
const standing = (d: Device) => foldPane(PANE, d.log);

describe("two who wrote without seeing each other's", () => {
  it("a reading: the later stands, both are shown, and the other counts as a second reading", () => {
    const [bram, nell] = two();
    bram.write("measure.reading", reading("611"), 2);
    nell.write("measure.reading", reading("613"), 40);
    bram.hear(nell);
    const book = standing(bram);
    expect(book?.readings["width-top"]?.text).toBe("613");
    expect(book?.again["width-top"]?.text).toBe("611");
    expect(readLog(bram.log).apart).toMatchObject([
      {
        field: "",
        earlier: { who: "Bram", payload: { text: "611" } },
        later: { who: "Nell", payload: { text: "613" } },
      },
    ]);
  });
  it("is settled by whoever has seen both, and stays settled", () => {
    const [bram, nell] = two();
    bram.write("measure.reading", reading("611"), 2);
    nell.write("measure.reading", reading("613"), 40);
    bram.hear(nell);
    bram.write("measure.reading", reading("612"), 50);
    nell.hear(bram);
    expect(readLog(nell.log).apart).toEqual([]);
    expect(standing(nell)?.readings["width-top"]?.text).toBe("612");
  });
  it("one after the other is nothing to settle", () => {
    const [bram, nell] = two();
    bram.write("measure.reading", reading("611"), 2);
    nell.hear(bram);
    nell.write("measure.reading", reading("613"), 40);
    expect(readLog(nell.log).apart).toEqual([]);
  });
  it("the same figure read by both is nothing to settle either", () => {
    const [bram, nell] = two();
    bram.write("measure.reading", reading("611"), 2);
    nell.write("measure.reading", reading("611"), 40);
    bram.hear(nell);
    expect(readLog(bram.log).apart).toEqual([]);
  });
  it("fields of one form are joined: neither undoes the other's", () => {
    const [bram, nell] = two();
    const place = { inDoor: false, wetRoom: false, stairs: false, walkway: false };
    bram.write("specify.location", place, 1);
    nell.hear(bram);
    bram.write("specify.location", { ...place, wetRoom: true }, 5);
    nell.write("specify.location", { ...place, inDoor: true }, 9);
    bram.hear(nell);
    expect(standing(bram)?.location).toEqual({ ...place, inDoor: true, wetRoom: true });
    expect(readLog(bram.log).apart).toEqual([]);
  });
  it("ticks add up", () => {
    const [bram, nell] = two();
    const ticks = (done: readonly string[]) => ({ station: "takeout", step: "cut-bond", done }) as const;
    bram.write("step.sides", ticks(["top-left"]), 1);
    bram.write("step.sides", ticks(["top-left", "top-right"]), 2);
    nell.write("step.sides", ticks(["bottom-left"]), 3);
    nell.hear(bram);
    expect(standing(nell)?.before.ticked.get("takeout/cut-bond")).toEqual(["top-left", "top-right", "bottom-left"]);
  });
  it("what a sealed unit is made of is never mixed of two answers", () => {
    const [bram, nell] = two();
    const unit = (mm: number) => ({
      makeup: {
        panes: [
          { mm, kind: "float" as const },
          { mm, kind: "float" as const },
        ],
        cavities: [{ mm: 28 - 2 * mm, gas: "argon" as const, fill: 0.9 }],
        coatings: [],
        spacer: "",
      },
    });
    bram.write("specify.makeup", unit(4), 1);
    nell.write("specify.makeup", unit(6), 3);
    nell.hear(bram);
    expect(standing(nell)?.makeup).toEqual(unit(6).makeup);
    expect(readLog(nell.log).apart).toHaveLength(1);
  });
  it("three who wrote apart, the third after joining two, is shown what is still open", () => {
    const [bram, nell] = two();
    const ida = new Device("Ida", 0x300);
    ida.hear(bram);
    bram.write("look.cause", { cause: "impact" }, 1);
    nell.write("look.cause", { cause: "heat" }, 2);
    ida.write("look.cause", { cause: "unknown" }, 3);
    bram.hear(nell);
    bram.write("look.cause", { cause: "impact" }, 9);
    bram.hear(ida);
    expect(readLog(bram.log).apart).toMatchObject([{ earlier: { who: "Ida" }, later: { who: "Bram" } }]);
  });
});

describe("any number of devices, however they meet", () => {
  const act = fc.oneof(
    fc.record({ do: fc.constant("read" as const), who: fc.nat(2), what: fc.nat(4) }),
    fc.record({ do: fc.constant("tick" as const), who: fc.nat(2), what: fc.nat(3) }),
    fc.record({ do: fc.constant("wants" as const), who: fc.nat(2), what: fc.nat(3) }),
    fc.record({ do: fc.constant("meet" as const), who: fc.nat(2), what: fc.nat(2) }),
  );
  it("end in one state, in any order of arrival, twice, with clocks days apart", () => {
    fc.assert(
      fc.property(fc.array(act, { maxLength: 30 }), fc.array(fc.nat(1000), { maxLength: 60 }), (acts, shuffle) => {
        const base = new Teller().opened().added().entries;
        const devices = [0, 3 * 1440, -2 * 1440].map((off, i) => {
          const d = new Device(["Bram", "Nell", "Ida"][i] ?? "", 0x100 * (i + 1), off);
          d.log.push(...base);
          return d;
        }) as [Device, Device, Device];
        acts.forEach((a, minute) => {
          const d = devices[a.who] ?? devices[0];
          if (a.do === "read") d.write("measure.reading", reading(String(610 + a.what)), minute);
          if (a.do === "tick") {
            const now = standing(d)?.before.ticked.get("takeout/beads") ?? [];
            d.write(
              "step.sides",
              {
                station: "takeout",
                step: "beads",
                done: [...new Set([...now, ["left", "right", "top", "bottom"][a.what] ?? ""])],
              },
              minute,
            );
          }
          if (a.do === "wants")
            d.write("look.wants", { by: null, mustLock: a.what === 1, minds: a.what === 2 ? "the blind" : "" }, minute);
          if (a.do === "meet") d.hear(devices[a.what] ?? devices[0]);
        });
        const all = devices.flatMap((d) => d.log);
        const one = readLog(all);
        const mixed = all
          .map((e, i) => ({ e, by: shuffle[i % Math.max(1, shuffle.length)] ?? 0 }))
          .sort((a, b) => a.by - b.by)
          .map((x) => x.e);
        const other = readLog([...mixed, ...mixed]);
        expect(other).toEqual(one);
        // Every tick that anybody made is there: nobody took one off.
        const ticked = all.flatMap((e) => (e.kind === "step.sides" ? e.payload.done : []));
        expect(new Set(foldPane(PANE, all)?.before.ticked.get("takeout/beads") ?? [])).toEqual(new Set(ticked));
        // Whoever has all of it and writes anew settles it.
        const [first] = devices;
        first.hear(devices[1]);
        first.hear(devices[2]);
        if (one.apart.some((a) => a.later.kind === "measure.reading")) {
          first.write("measure.reading", reading("600"), 5 * 1440);
          expect(readLog(first.log).apart.filter((a) => a.later.kind === "measure.reading")).toEqual([]);
        }
      }),
      { numRuns: 200 },
    );
  });
});
