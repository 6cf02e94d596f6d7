/** How much a person is told beside what is to be done. */
export const EXPLAINS = ["all", "usual", "little"] as const;
export type Explains = (typeof EXPLAINS)[number];

type Fact = {
  readonly name: string;
  readonly says: string;
  /** Why a step is done stands under it, or behind a tap. */
  readonly whyOpen: boolean;
  /** A caution that was read is still said whole. */
  readonly cautionWhole: boolean;
  /** Before a frame that is new to them two minutes are offered on how it comes apart. */
  readonly cardOpen: boolean;
};

/** What each comes to on a page. Cautions never go: who wants little is told them in one line from the second time on. */
export const EXPLAINS_FACTS: Readonly<Record<Explains, Fact>> = {
  all: {
    name: "Everything",
    says: "why each step is done, cautions whole every time, two minutes before a frame that is new to you",
    whyOpen: true,
    cautionWhole: true,
    cardOpen: true,
  },
  usual: {
    name: "The usual",
    says: "why each step is done, cautions whole once and then in one line, two minutes before a frame that is new to you",
    whyOpen: true,
    cautionWhole: false,
    cardOpen: true,
  },
  little: {
    name: "Little",
    says: "why is a tap away, cautions whole once and then in one line",
    whyOpen: false,
    cautionWhole: false,
    cardOpen: false,
  },
};

/** @example nobody said anything of Nell // "usual" */
export const explainsTo = (said: ReadonlyMap<string, Explains>, who: string): Explains => said.get(who) ?? "usual";
