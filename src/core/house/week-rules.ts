import type { RuleFact } from "./sizing-rules.ts";

/** What a week is planned by beside its hours: whose work it is, and how much wind it stands. */
export type WeekRules = {
  readonly leadLicence: "where lead was found" | "unless it was tested clear" | "never";
  readonly sailM2: number;
  readonly sailWindMs: number;
  readonly ladderWindMs: number;
};

export const WEEK_RULES: { readonly [K in keyof WeekRules]: RuleFact<WeekRules[K]> } = {
  leadLicence: {
    value: "where lead was found",
    says: "Old paint and {putty} are for whoever is licensed for lead",
    unit: "",
    source: "where somebody of the firm is; your local rules on lead decide",
    choices: ["where lead was found", "unless it was tested clear", "never"],
  },
  sailM2: {
    value: 1,
    says: "A {pane} is a sail from",
    unit: "m²",
    source: "trade practice",
    from: 0.2,
    to: 10,
  },
  sailWindMs: {
    value: 8,
    says: "It is carried in wind up to",
    unit: "m/s",
    source: "trade practice: not in a fresh breeze",
    from: 2,
    to: 20,
  },
  ladderWindMs: {
    value: 10,
    says: "A ladder or tower outside is climbed in wind up to",
    unit: "m/s",
    source: "usual ladder guidance: not above a fresh breeze",
    from: 2,
    to: 20,
  },
};
