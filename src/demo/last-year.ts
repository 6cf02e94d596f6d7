import { seeded } from "../core/chance/seeded.ts";
import type { System } from "../core/frame/systems.ts";
import type { Entry } from "../core/log/kinds.ts";
import { pence } from "../core/money/pence.ts";
import type { Day } from "../core/units/day.ts";
import { FEN_END, openOrder, SALT_LANE } from "./orders.ts";
import { Story } from "./story.ts";
import { tellTimed } from "./timed.ts";
import { ToldPane } from "./told-pane.ts";
import { PLAIN_UNIT } from "./units.ts";

/** What nobody in the story knows: the counter's panes come larger by this, and the maker's by that; mm, with their spread. */
const CUTS = { [SALT_LANE]: { off: 0.9, spread: 0.4 }, [FEN_END]: { off: -0.2, spread: 0.6 } };
const TAPE_MM = 0.35;
const TIMING = 20250512;
const half = (mm: number): string => String(Math.round(mm * 2) / 2);

type Job = {
  readonly address: string;
  readonly opening: string;
  readonly system: System;
  readonly ago: number;
  readonly became?: "sent-back" | "broke" | "failed";
  /** The opening, mm: where it is read again on another round it is as large as ever. */
  readonly truly?: readonly [width: number, height: number];
};
const COTTAGES: readonly Job[] = Array.from({ length: 26 }, (_, i) => ({
  address: `Weir Cottages ${1 + (i % 9)}`,
  opening: ["kitchen", "landing", "front bedroom"][Math.floor(i / 9)] ?? "kitchen",
  system:
    i % 3 === 2 ? ("plastic-bead-inside" as const) : i % 5 === 1 ? ("timber-bead" as const) : ("timber-putty" as const),
  ago: 300 - 9 * i,
  ...(i === 5 ? { became: "sent-back" as const } : i === 13 ? { became: "broke" as const } : {}),
}));
/** Openings of the terrace that were there before. */
const TERRACE: readonly Job[] = [
  {
    address: "No. 8",
    opening: "stair window",
    system: "plastic-bead-inside",
    ago: 1150,
    became: "failed",
    truly: [548, 1196],
  },
  { address: "No. 4", opening: "front parlour", system: "timber-putty", ago: 700, truly: [540, 780] },
];

/**
 * The firm's last years, told so that it has something to learn from: two rounds, all signed off. Readings and panes are off by
 * what nobody in the story knows; the same day gives the same entries.
 */
export function lastYears(today: Day): readonly Entry[] {
  const story = new Story(today);
  const chance = seeded(20250311);
  for (const [name, place, jobs, begins] of [
    ["Ottermole Row, odd repairs", "Ottermole Row almshouses", TERRACE, -1160],
    ["Weir Cottages, through the year", "Weir Cottages", COTTAGES, -310],
  ] as const) {
    story.on(begins, 8, "Nell Harrow");
    const round = story.id();
    story.tell("round.opened", { round }, { name, place });
    for (const [i, job] of jobs.entries()) tellJob(story, chance, { ...job, round, nth: i });
  }
  return [...story.entries].sort((a, b) => (a.at < b.at ? -1 : 1));
}

function tellJob(
  story: Story,
  chance: ReturnType<typeof seeded>,
  job: Job & { readonly round: string; readonly nth: number },
): void {
  const who = job.nth % 2 ? "Bram Tolley" : "Nell Harrow";
  const sealed = job.system === "plastic-bead-inside";
  const supplier = sealed ? FEN_END : SALT_LANE;
  story.on(-job.ago, 9, who);
  const p = new ToldPane(story, "mm", {
    round: job.round,
    address: job.address,
    opening: job.opening,
    light: "",
    system: job.system,
    side: sealed ? "inside" : "outside",
  });
  const [w, h] = job.truly ?? [430 + 37 * (job.nth % 11), 610 + 53 * (job.nth % 8)];
  const read = (mm: number): string => half(mm + TAPE_MM * chance.normal());
  p.looked([sealed ? "misted" : "cracked"], sealed ? "water" : "impact", "this-week", job.nth % 2);
  p.read({ w: [read(w), read(w), read(w)], h: [read(h), read(h), read(h)], depth: sealed ? "18" : "10" });
  for (const [place, mm] of [
    ["width-top", w],
    ["height-left", h],
  ] as const)
    story.tell("measure.again", p.about, { place, text: read(mm), unit: "mm" });
  if (!sealed) p.glass("float", "4");
  const size = [w - 3, h - 3] as const;
  const { order, lines } = openOrder(story, supplier, `W-${1 + job.nth}`, [
    {
      pane: p,
      label: `${job.address}, ${job.opening}`,
      size,
      ...(sealed ? { thickness: 24, makeup: PLAIN_UNIT } : {}),
    },
  ]);
  const due = sealed ? 10 : 1;
  const late = job.nth % 6 === 4 ? 5 : 0;
  story.tell("order.sent", { order }, { day: story.day(-job.ago), due: story.day(-job.ago + due) });
  const cameOn = -job.ago + due + late;
  story.on(cameOn, 10, who);
  story.tell("order.arrived", { order }, { day: story.day(cameOn) });
  const cut = CUTS[supplier] ?? { off: 0, spread: 0 };
  const cutTo = (mm: number): number => mm + cut.off + cut.spread * chance.normal();
  const wrong = job.became === "sent-back" ? -10 : 0;
  const [cameW, cameH] = [cutTo(size[0]) + wrong, cutTo(size[1])];
  const [line = ""] = lines;
  story.tell(
    "order.checked",
    { order },
    {
      line,
      width: { text: read(cameW), unit: "mm" },
      height: { text: read(cameH), unit: "mm" },
      verdict: wrong ? "sent-back" : "accepted",
      reason: wrong ? "cut 10 mm short one way" : "",
    },
  );
  if (job.became === "sent-back") {
    resent(story, p, job, size);
    return;
  }
  if (job.became === "broke") {
    story.tell("order.broke", { order }, { line, whose: "ours", note: "slid in the van: no packing at its foot" });
    resent(story, p, job, size);
    return;
  }
  finished(story, p, { at: cameOn + 1, who, sealed, room: [w - cameW, h - cameH], chance });
  // Every second puttied pane was timed: Nell is quicker at it, and Bram was called away once.
  if (job.system === "timber-putty" && job.nth % 4 < 2)
    tellTimed(story, {
      metres: (2 * (w + h)) / 1000,
      quick: who === "Nell Harrow" ? 0.85 : 1.15,
      calledAway: job.nth === 9,
      chance: seeded(TIMING + job.nth),
    });
  if (job.became === "failed") {
    story.on(cameOn + 900, 9, "Bram Tolley");
    story.tell("remake.kept", p.about, {
      line: "",
      day: story.day(cameOn + 900),
      why: "failed-after",
      whose: "supplier",
      pence: pence(8600),
      note: "misted from the left foot: no packer under that corner",
    });
  }
}

/** The second pane, as it should have come at once. */
function resent(story: Story, p: ToldPane, job: Job & { readonly nth: number }, size: readonly [number, number]): void {
  const again = -job.ago + 8;
  const who = "Nell Harrow";
  story.on(again, 9, who);
  const { order, lines } = openOrder(story, SALT_LANE, `W-${1 + job.nth}b`, [
    { pane: p, label: `${job.address}, ${job.opening}`, size, thickness: 4 },
  ]);
  story.tell("order.sent", { order }, { day: story.day(again), due: story.day(again + 1) });
  story.on(again + 1, 10, who);
  story.tell("order.arrived", { order }, { day: story.day(again + 1) });
  story.tell(
    "order.checked",
    { order },
    {
      line: lines[0] ?? "",
      width: { text: half(size[0] + 1), unit: "mm" },
      height: { text: half(size[1] + 0.5), unit: "mm" },
      verdict: "accepted",
      reason: "",
    },
  );
  finished(story, p, { at: again + 2, who, sealed: false, room: null, chance: null });
}

function finished(
  story: Story,
  p: ToldPane,
  by: {
    readonly at: number;
    readonly who: "Nell Harrow" | "Bram Tolley";
    readonly sealed: boolean;
    readonly room: readonly [number, number] | null;
    readonly chance: ReturnType<typeof seeded> | null;
  },
): void {
  story.on(by.at, 11, by.who);
  story.tell("set.done", p.about, {
    day: story.day(by.at),
    compound: by.sealed ? "gasket" : "silicone",
    sprigs: null,
  });
  const { room, chance } = by;
  const seen = (mm: number): string => half(Math.max(0, mm - 0.4 + 0.2 * (chance?.normal() ?? 0)));
  story.tell("set.fit", p.about, {
    went: room && Math.min(...room) < 1.5 ? "tight" : "easy",
    ...(room && { width: { text: seen(room[0]), unit: "mm" }, height: { text: seen(room[1]), unit: "mm" } }),
  });
  for (const item of ["still", "gaps", "clean", "told"])
    story.tell("signoff.check", p.about, { item, good: true, note: "" });
  story.tell("signoff.signed", p.about, { day: story.day(by.at), told: true });
}
