import type { OwnCompound } from "../../bed/compound.ts";
import type { System } from "../../frame/systems.ts";
import { insertKey, type StockInsert, type StockPane } from "../../house/stock.ts";
import type { OwnFrom } from "../../learn/own-from.ts";
import type { PersonRule } from "../../learn/person-rule.ts";
import type { SupplierRule } from "../../learn/supplier-rule.ts";
import type { PriceList } from "../../order/price.ts";
import type { MakesOf } from "../../order/sources.ts";
import type { TheirCutting } from "../../order/their-cutting.ts";
import type { Explains } from "../../people/explains.ts";
import type { Station } from "../../plan/stations.ts";
import type { GlassKind } from "../../specify/glass.ts";
import type { Took } from "../../steps/past.ts";
import type { Profile } from "../../takeout/profile.ts";
import type { LengthUnit } from "../../units/length.ts";
import { type KindFactsOf, one } from "../kind-fact.ts";

/** Name, address and numbers of the firm; empty where nobody said. */
export type FirmDetails = {
  readonly name: string;
  readonly address: string;
  readonly telephone: string;
  readonly mail: string;
  readonly taxNumber: string;
};
export const NO_DETAILS: FirmDetails = { name: "", address: "", telephone: "", mail: "", taxNumber: "" };

export type Customer = {
  readonly address: string;
  readonly name: string;
  readonly telephone: string;
  readonly keyHolder: string;
};

/** One day's weather as far as cure and paint go by it. */
export type ToldWeather = { readonly wet: boolean; readonly lowC: number | null };

/** The firm's own, and its rounds: what their entries carry. */
export type FirmPayloads = {
  "round.opened": { readonly name: string; readonly place: string };
  "round.weather": { readonly day: string; readonly wet: boolean; readonly lowC: number | null };
  /** The weather as it was told on a day, of that day and those after it. */
  "weather.told": { readonly day: string; readonly days: readonly ToldWeather[] };
  "round.day-off": { readonly day: string; readonly off: boolean };
  "house.rule": {
    readonly rule: string;
    readonly value: string | number;
    /** It is the firm's own figure, learned from so many of these. */
    readonly own?: OwnFrom | undefined;
  };
  /** A figure of one person's own tape, taken on in place of the house rule; `gone` gives the house its word back. */
  "person.figure": {
    readonly person: string;
    readonly rule: PersonRule;
    readonly value: number;
    readonly own: OwnFrom;
    readonly gone?: boolean | undefined;
  };
  /** A figure of one supplier's own cutting, taken on beside the house rule; `gone` gives the house its word back. */
  "supplier.figure": {
    readonly supplier: string;
    readonly rule: SupplierRule;
    readonly value: number;
    readonly own: OwnFrom;
    readonly gone?: boolean | undefined;
  };
  /** How much is explained to one person. */
  "person.explains": { readonly person: string; readonly how: Explains };
  /** One person wants to be shown a frame by another; `gone` takes it back, or says that it was shown. */
  "person.asked": {
    readonly person: string;
    readonly system: System;
    readonly of: string;
    readonly gone?: boolean | undefined;
  };
  "supplier.added": {
    readonly name: string;
    readonly cuts: string;
    readonly unit: LengthUnit;
    readonly leadDays: number;
  };
  /** A size on the firm's shelf, or an insert on its list; one of the same name replaces it, `gone` takes it off. */
  "stock.pane": StockPane & { readonly gone?: boolean | undefined };
  /** A sheet was cut up on the bench: one fewer of it lies there, and what is left over lies there now. */
  "stock.cut": {
    readonly sheet: string;
    readonly panes: readonly string[];
    readonly left: readonly { readonly name: string; readonly widthNm: number; readonly heightNm: number }[];
    /** Pieces that broke the wrong way. */
    readonly spoilt: number;
    /** What the sheet was, frozen here: the list says another thing next year. */
    readonly glass?: GlassKind | undefined;
    readonly thicknessNm?: number | undefined;
  };
  /** A glass cutter of the firm, and how far its wheel runs from the straightedge that guides it; `gone` takes it off. */
  "bench.cutter": { readonly name: string; readonly offsetNm: number; readonly gone?: boolean | undefined };
  /** So many of it were found in the rack; none, and it is off the list. */
  "stock.counted": { readonly name: string; readonly count: number };
  "stock.insert": StockInsert & { readonly gone?: boolean | undefined };
  /** A test for lead, kept once for the whole building. */
  /** The firm as it stands on its papers. */
  "firm.details": FirmDetails;
  /** Whose window it is at an address, and who has the key. One of the same address replaces it. */
  "customer.kept": Customer;
  /** Whoever was at an address asked to be forgotten: what told of them is taken out of the log, and this is what is left. */
  "customer.forgotten": { readonly address: string };
  "building.lead": { readonly address: string; readonly result: "none" | "found" };
  /** How the beads of a frame profile let go, kept for the next window of that profile. */
  "profile.known": Profile;
  /** How long a step took, for the firm's own minutes. */
  "work.took": Took;
  /** What a supplier makes and asks. One of the same name replaces it. */
  "supplier.terms": { readonly name: string; readonly makes: readonly MakesOf[] } & PriceList & TheirCutting;
  /** Learnt on one pane, for the next one like it. */
  "lesson.kept": {
    readonly lesson: string;
    readonly says: string;
    readonly station: Station;
    readonly system: System;
    readonly profile: string;
    readonly address: string;
    /** Where it was learnt. */
    readonly pane: string;
    readonly gone?: boolean | undefined;
  };
  /** What the firm sets glass in, in frames of this kind. */
  "bed.usual": { readonly system: System; readonly compound: string };
  /** A setting material as its label says; one of the same name replaces it. */
  "compound.kept": OwnCompound & { readonly gone?: boolean | undefined };
  /** How much of something lies on the firm's shelf. */
  "shelf.kept": { readonly what: string; readonly amount: number; readonly unit: string };
  /** Left behind on the day of a visit. */
  "kit.forgot": { readonly what: string; readonly day: string };
};

/** What each of them is about, and what becomes of it where two people wrote apart. */
export const FIRM_KINDS: KindFactsOf<FirmPayloads> = {
  "round.opened": { about: ["round"], key: one, apart: "whole" },
  "round.weather": { about: [], key: (p) => p.day, apart: "whole" },
  "weather.told": { about: [], key: one, apart: "whole" },
  "round.day-off": { about: [], key: (p) => p.day, apart: "whole" },
  "house.rule": { about: [], key: (p) => p.rule, apart: "whole" },
  "person.figure": { about: [], key: (p) => `${p.person}/${p.rule}`, apart: "whole" },
  "supplier.figure": { about: [], key: (p) => `${p.supplier}/${p.rule}`, apart: "whole" },
  "person.explains": { about: [], key: (p) => p.person, apart: "whole" },
  "person.asked": { about: [], key: (p) => `${p.person}/${p.system}`, apart: "whole" },
  "supplier.added": { about: [], key: (p) => p.name, apart: "fields" },
  "stock.pane": { about: [], key: (p) => p.name, apart: "whole" },
  "stock.cut": { about: [], key: null },
  "bench.cutter": { about: [], key: (p) => p.name, apart: "whole" },
  "stock.counted": { about: [], key: (p) => p.name, apart: "whole" },
  "stock.insert": { about: [], key: (p) => insertKey(p), apart: "whole" },
  "firm.details": { about: [], key: one, apart: "fields" },
  "customer.kept": { about: [], key: (p) => p.address, apart: "fields" },
  "customer.forgotten": { about: [], key: (p) => p.address, apart: "whole" },
  "building.lead": { about: [], key: (p) => p.address, apart: "whole" },
  "profile.known": { about: [], key: (p) => p.profile, apart: "fields" },
  "work.took": { about: [], key: null },
  "supplier.terms": { about: [], key: (p) => p.name, apart: "fields" },
  "lesson.kept": { about: [], key: (p) => p.lesson, apart: "fields" },
  "bed.usual": { about: [], key: (p) => p.system, apart: "whole" },
  "compound.kept": { about: [], key: (p) => p.name, apart: "fields" },
  "shelf.kept": { about: [], key: (p) => p.what, apart: "whole" },
  "kit.forgot": { about: [], key: null },
};
