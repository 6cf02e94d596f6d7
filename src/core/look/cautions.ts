import type { Station } from "../plan/stations.ts";
import type { Hazard } from "../steps/hazard.ts";
import type { Template } from "../text/template.ts";
import type { Damage } from "./damage.ts";
import type { Special } from "./special.ts";

/** What is known that raises a hazard. */
export type Hazards = {
  readonly damage: readonly Damage[];
  readonly buildingYear: number | null;
  readonly leadYear: number;
  /** The paint as tested, once for the building. */
  readonly lead: "none" | "found" | "not-tested";
  readonly storey: number | null;
  readonly massKg: number | null;
  readonly oneLiftsKg: number;
  readonly twoLiftKg: number;
  readonly ruleSet: "M" | "F";
  readonly toughened: boolean;
  readonly special: readonly Special[];
  /** Putty or compound holds, or once held, the glass. */
  readonly oldPutty: boolean;
  /** It is set in linseed putty, whose rags heat by themselves. */
  readonly oil?: boolean;
};

export type Caution = {
  readonly id: Hazard;
  readonly line: Template;
  readonly full: Template;
  readonly source: string;
};

type Rule = Omit<Caution, "source"> & {
  readonly source: string | Readonly<Record<"M" | "F", string>>;
  /** Stations at whose head it stands; others are raised by a step. */
  readonly at: readonly Station[];
  readonly when: (h: Hazards) => boolean;
};

const broken: readonly Damage[] = ["cracked", "holed", "standing", "gone"];
const always = (): boolean => true;

/** Every hazard the application speaks of: what raises it, one line, and once in full. Local codes and labels come first. */
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
    when: (h) =>
      h.oldPutty &&
      (h.lead === "found" || (h.lead === "not-tested" && (h.buildingYear === null || h.buildingYear < h.leadYear))),
    line: "Paint may hold lead: test it, scrape wet, no dry sanding, no torch.",
    full: "Old paint may hold lead. Test once for the building. Until you know: wet-scrape, no dry sanding, no torch or hot heat gun, HEPA vacuum, wash before eating. Follow your local rules on lead.",
    source: {
      M: "cut-off year in house rules; lead paint in dwellings mostly before 1992",
      F: "cut-off year in house rules; lead paint in housing before 1978",
    },
  },
  {
    id: "asbestos",
    at: ["takeout", "ready"],
    when: (h) => h.oldPutty && (h.buildingYear === null || h.buildingYear < 1985),
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
    full: "This {pane} is too heavy for one. Two people, suction cups rated and tested, and not in wind.",
    source: "lifting limits in house rules",
  },
  {
    id: "too-heavy",
    at: ["takeout", "set"],
    when: (h) => h.massKg !== null && h.massKg > h.twoLiftKg,
    line: "Too heavy for two: a machine, and someone trained to use it.",
    full: "This {pane} is past what two people should lift. Use a lifting machine and someone trained to use it.",
    source: "lifting limits in house rules",
  },
  {
    id: "knives",
    at: [],
    when: always,
    line: "Blades snap: keep them short, strike away from your hand.",
    full: "Long blades snap when they flex. Keep the blade short, cut and strike away from your hand, and wear eye protection while a blade is bent.",
    source: "usual practice",
  },
  {
    id: "dust",
    at: [],
    when: always,
    line: "Mask against dust; vacuum at the scraper.",
    full: "Dust of old {putty}, paint and glass is not for lungs: a mask that fits, a vacuum held at the scraper, and no brooms.",
    source: "usual practice",
  },
  {
    id: "comes-apart",
    at: [],
    when: (h) => h.damage.includes("cracked"),
    line: "A cracked {pane} comes apart in the middle of this: wrists and feet out from under it.",
    full: "A cracked {pane} holds until the bond that held it is cut, and then comes apart. Tape both faces, keep wrists and feet from under it, and have somebody or something take its weight.",
    source: "usual practice",
  },
  {
    id: "solvent",
    at: [],
    when: always,
    line: "Air, gloves, no flame; keep it off plastic and laminated edges.",
    full: "Alcohol, primers and removers want air and no flame, gloves, and a look at the label: some craze plastic, and some soften the layer in laminated glass or a unit's edge seal.",
    source: "usual practice; the label wins",
  },
  {
    id: "toughened-edge",
    at: [],
    when: (h) => h.toughened,
    line: "{Toughened}: no nail, knife or hammer at its edge, it bursts whole.",
    full: "{Toughened} glass bursts whole at a knock on its edge. Keep nails short of it and angled away, and strike nothing toward it.",
    source: "usual practice",
  },
  {
    id: "toughened-burst",
    at: ["takeout"],
    when: (h) => h.toughened,
    line: "{Toughened} glass bursts: eyes covered before anyone taps an edge.",
    full: "{Toughened} glass bursts into crumbs all at once. Look at the stamp first; then eyes and arms covered, a sheet under it, and crumbs swept, never picked up.",
    source: "usual practice",
  },
  {
    id: "parted-cassette",
    at: [],
    when: always,
    line: "Two screws at the top and two below stay until each half has a hand on it.",
    full: "When a cassette is parted nothing holds the glass. Leave two screws at the top and two below until each half has a hand on it, and do not trust the outer half to stay by its caulk.",
    source: "usual practice",
  },
  {
    id: "spring-balance",
    at: [],
    when: always,
    line: "Springs and weights are under tension: hold the cord, let it down slowly.",
    full: "Spring and spiral balances and sash weights are under tension. Hold the cord or the rod, let it down slowly, and tie it off; never put your face over the pulley.",
    source: "usual practice",
  },
  {
    id: "oil",
    at: ["set", "finish"],
    when: (h) => h.oil === true,
    line: "Air the room; rags with linseed oil heat by themselves: lay them flat outside to dry.",
    full: "Oil primer and linseed {putty} need air and no flame. Rags with linseed oil can catch fire by themselves: lay them flat outside to dry before you throw them away.",
    source: "usual practice; the label wins",
  },
];

const asCaution = ({ id, line, full, source }: Rule, h: Hazards): Caution => ({
  id,
  line,
  full,
  source: typeof source === "string" ? source : source[h.ruleSet],
});

/** The cautions that belong at the head of a station's work, worst first. */
export const cautionsAt = (station: Station, h: Hazards): readonly Caution[] =>
  RULES.filter((r) => r.at.includes(station) && r.when(h)).map((r) => asCaution(r, h));

/** The cautions that a step raises here. Those that already stand at the station's head are not said twice. */
export const cautionsOf = (raised: readonly string[], station: Station, h: Hazards): readonly Caution[] =>
  RULES.filter((r) => raised.includes(r.id) && !r.at.includes(station) && r.when(h)).map((r) => asCaution(r, h));

export const CAUTION_IDS: readonly string[] = RULES.map((r) => r.id);
