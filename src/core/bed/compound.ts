import type { Template } from "../text/template.ts";

/** What the old glass was stuck with. */
export type Bond = "putty" | "silicone" | "tape" | "gasket";

/** What new glass lies in: one of these, or tape that seats it with sealant outside it that bonds. */
export const BEDS = ["putty", "silicone", "tape", "both", "gasket"] as const;
export type Bed = (typeof BEDS)[number];

/** The kinds of material that glass is set in. A firm's own are each like one of these. */
export const COMPOUND_IDS = [
  "linseed",
  "metal-casement",
  "acrylic",
  "two-part",
  "silicone",
  "tape",
  "tape-and-sealant",
  "gasket",
] as const;
export type CompoundId = (typeof COMPOUND_IDS)[number];

/** How it is worked: rolled in the hands, from a gun, mixed and knifed in, laid, or pressed in. */
export type WorkedBy = "hand" | "gun" | "mixed" | "laid" | "pressed";

/** What seals and holds the pane, and how it sets. Days are whole; the label wins. */
export type Compound = {
  /** Its kind, or the name of one of the firm's own. */
  readonly id: string;
  /** The kind it is of: what it may touch, and how it is worked. */
  readonly kind: CompoundId;
  readonly name: Template;
  readonly bed: Bed;
  readonly workedBy: WorkedBy;
  /** Its rags heat by themselves and burn; its oil creeps. */
  readonly oily: boolean;
  /** Nothing may touch it for so many hours. */
  readonly handsOffHours: number;
  /** Paint window, days after setting; `most` null: no limit; both null: it cannot be painted. */
  readonly leastDays: number | null;
  readonly mostDays: number | null;
  /** It does not cure on days colder than this. */
  readonly leastC: number;
  /** So many days before painting must be dry. */
  readonly dryBefore: number;
  readonly primeRebate: boolean;
  /** It bears so much in the sun once it has set, °C. */
  readonly mostC: number;
  /** Whose maker says that it may be used: of the frame, or of the unit; empty where nobody did. */
  readonly approved?: string | undefined;
  readonly needs: Template;
  readonly source: string;
};

/** What a material is kept as by the firm, from its label. */
export type OwnCompound = Pick<
  Compound,
  "handsOffHours" | "leastDays" | "mostDays" | "leastC" | "dryBefore" | "primeRebate" | "approved"
> & {
  /** As somebody typed it. */
  readonly name: string;
  readonly like: CompoundId;
  readonly mostC?: number | undefined;
};

/** Laid on a liner, with or without sealant outside it. */
export const tapes = (bed: Bed): boolean => bed === "tape" || bed === "both";
/** Sealant that is gunned, masked and cures. */
export const seals = (bed: Bed): boolean => bed === "silicone" || bed === "both";
/** What the line round the glass is of, as it is spoken of. @example lineOf("silicone") // "sealant" */
export const lineOf = (bed: Bed): Template => (seals(bed) ? "sealant" : "{putty}");
/** Stuck rather than bedded: once it touches, it cannot be moved for long. */
export const sticks = (bed: Bed): boolean => tapes(bed) || seals(bed);
