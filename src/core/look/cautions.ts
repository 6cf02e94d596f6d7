import type { Station } from "../plan/stations.ts";
import type { Damage } from "./damage.ts";

/** What is known that raises a hazard. */
export type Hazards = {
  readonly damage: readonly Damage[];
  readonly buildingYear: number | null;
  readonly leadYear: number;
  readonly storey: number | null;
  readonly massKg: number | null;
  readonly oneLiftsKg: number;
  readonly twoLiftKg: number;
};

export type Caution = { readonly id: string; readonly line: string; readonly full: string; readonly source: string };

type Rule = Caution & { readonly at: readonly Station[]; readonly when: (h: Hazards) => boolean };

const broken: readonly Damage[] = ["cracked", "holed", "standing", "gone"];

const RULES: readonly Rule[] = [
  {
    id: "broken-glass",
    at: ["look", "takeout", "ready"],
    when: (h) => h.damage.length === 0 || h.damage.some((d) => broken.includes(d)),
    line: "Cut-resistant gloves and sleeves, eye protection, boots; nobody below.",
    full: "Broken glass falls without warning. Tape both faces with crosses before you work on it, lay a drop sheet, keep people away from below, and wear cut-resistant gloves and sleeves, eye protection and boots.",
    source: "usual glazing practice",
  },
  {
    id: "lead",
    at: ["look", "takeout", "ready"],
    when: (h) => h.buildingYear === null || h.buildingYear < h.leadYear,
    line: "Paint may hold lead: test it, scrape wet, no dry sanding, no torch.",
    full: "Old paint may hold lead. Test once for the building. Until you know: wet-scrape, no dry sanding, no torch or hot heat gun, HEPA vacuum, wash before eating. Follow your local rules on lead.",
    source: "cut-off year in house rules (1978 or 1992)",
  },
  {
    id: "asbestos",
    at: ["takeout", "ready"],
    when: (h) => h.buildingYear === null || h.buildingYear < 1985,
    line: "Old {putty} may hold asbestos: do not grind it; have it tested if in doubt.",
    full: "Some old {putty} and panels hold asbestos. Do not grind or sand them. If in doubt stop and have it tested by someone licensed to.",
    source: "usual caution; local rules decide",
  },
  {
    id: "ladder",
    at: ["look", "takeout", "measure", "set", "finish"],
    when: (h) => (h.storey ?? 0) > 0,
    line: "Upstairs: three points of contact, stabiliser, no leaning; from inside or a tower is better.",
    full: "Above the ground floor: work from inside or a tower if you can. On a ladder keep three points of contact, use a stabiliser, do not lean out, and guard the open window inside.",
    source: "usual ladder guidance",
  },
  {
    id: "heavy",
    at: ["takeout", "set"],
    when: (h) => h.massKg !== null && h.massKg > h.oneLiftsKg && h.massKg <= h.twoLiftKg,
    line: "Two people and rated suction cups; no wind.",
    full: "This pane is too heavy for one. Two people, suction cups rated and tested, and not in wind.",
    source: "lifting limits in house rules",
  },
  {
    id: "too-heavy",
    at: ["takeout", "set"],
    when: (h) => h.massKg !== null && h.massKg > h.twoLiftKg,
    line: "Too heavy for two: a machine, and someone trained to use it.",
    full: "This pane is past what two people should lift. Use a lifting machine and someone trained to use it.",
    source: "lifting limits in house rules",
  },
  {
    id: "knives",
    at: ["takeout", "ready"],
    when: () => true,
    line: "Blades snap: keep them short, strike away from your hand, mask against dust.",
    full: "Long blades snap when they flex. Keep the blade short, cut and strike away from your hand, and wear a mask while old {putty} breaks up.",
    source: "usual practice",
  },
  {
    id: "oil",
    at: ["set", "finish"],
    when: () => true,
    line: "Air the room; rags with linseed oil heat by themselves: lay them flat outside to dry.",
    full: "Oil primer and linseed {putty} need air and no flame. Rags with linseed oil can catch fire by themselves: lay them flat outside to dry before you throw them away.",
    source: "usual practice; the label wins",
  },
];

/** The cautions that belong before a station's work, worst first. */
export const cautionsAt = (station: Station, h: Hazards): readonly Caution[] =>
  RULES.filter((r) => r.at.includes(station) && r.when(h)).map(({ id, line, full, source }) => ({
    id,
    line,
    full,
    source,
  }));
