/** Every hazard that the application speaks of; what is said of each is the table of cautions. */
export const HAZARDS = [
  "broken-glass",
  "lead",
  "asbestos",
  "ladder",
  "heavy",
  "too-heavy",
  "knives",
  "dust",
  "comes-apart",
  "solvent",
  "toughened-edge",
  "toughened-burst",
  "parted-cassette",
  "spring-balance",
  "oil",
] as const;
export type Hazard = (typeof HAZARDS)[number];
