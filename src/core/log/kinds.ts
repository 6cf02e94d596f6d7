import type { System } from "../frame/systems.ts";
import type { StockInsert, StockPane } from "../house/stock.ts";
import type { Cause, Damage, Urgency } from "../look/damage.ts";
import type { Bars, Coating, Found } from "../measure/found.ts";
import type { OpeningPlace, Place } from "../measure/places.ts";
import type { Circumstance, Shape, Sits, Way } from "../measure/ways.ts";
import type { Station } from "../plan/stations.ts";
import type { Basis } from "../size/basis.ts";
import type { Hold } from "../size/lay.ts";
import type { School } from "../size/school.ts";
import type { Edges, GlassKind } from "../specify/glass.ts";
import type { Looks, Part } from "../specify/looks.ts";
import type { Makeup } from "../specify/makeup.ts";
import type { Panel } from "../specify/panel.ts";
import type { Exposure } from "../specify/wind.ts";
import type { Written } from "../tape/written.ts";
import type { Grid, LengthUnit } from "../units/length.ts";
import type { BeforePayloads } from "./payloads-before.ts";
import type { CheckedMore, OrderPayloads } from "./payloads-order.ts";
import type { SetPayloads } from "./payloads-set.ts";

/** A corner of a shaped pane, in nm. */
export type Corner = { readonly x: number; readonly y: number };

/** What each kind of entry carries. Days are `yyyy-mm-dd`; ids are UUIDs; lengths are as written. */
export type Payloads = BeforePayloads &
  OrderPayloads &
  SetPayloads & {
    "round.opened": { readonly name: string; readonly place: string };
    "round.weather": { readonly day: string; readonly wet: boolean; readonly lowC: number | null };
    "round.day-off": { readonly day: string; readonly off: boolean };
    "house.rule": { readonly rule: string; readonly value: string | number };
    "supplier.added": {
      readonly name: string;
      readonly cuts: string;
      readonly unit: LengthUnit;
      readonly leadDays: number;
    };
    /** A size on the firm's shelf, or an insert on its list; one of the same name replaces it, `gone` takes it off. */
    "stock.pane": StockPane & { readonly gone?: boolean | undefined };
    "stock.insert": StockInsert & { readonly gone?: boolean | undefined };

    "pane.added": {
      readonly round: string;
      readonly address: string;
      readonly opening: string;
      readonly light: string;
      readonly system: System;
      readonly side: "inside" | "outside";
    };
    "pane.corrected": {
      readonly address?: string | undefined;
      readonly opening?: string | undefined;
      readonly light?: string | undefined;
      readonly system?: System | undefined;
      readonly side?: "inside" | "outside" | undefined;
    };
    "note.written": { readonly station: Station; readonly text: string };
    "step.marked": {
      readonly station: Station;
      readonly step: string;
      readonly state: "done" | "skipped" | "open";
      readonly reason: string;
    };

    "look.damage": { readonly damage: readonly Damage[] };
    "look.cause": { readonly cause: Cause };
    "look.urgency": { readonly urgency: Urgency };
    "look.building": { readonly year: number | null; readonly storey: number | null };
    "look.closed": { readonly how: string; readonly since: string; readonly until: string; readonly told: string };
    "look.opened": { readonly day: string };

    "takeout.marks": { readonly insideFace: string; readonly topEdge: string };
    "takeout.sprigs": { readonly found: number };

    "measure.reading": { readonly place: Place; readonly sure?: Circumstance | undefined } & Written;
    "measure.again": { readonly place: OpeningPlace } & Written;
    "measure.stood-by": { readonly place: Place; readonly text: string };
    "measure.way": { readonly way: Way };
    "measure.circumstance": { readonly state: Circumstance };
    "measure.shape": { readonly shape: Shape };
    "measure.sits": { readonly sits: Sits };
    "measure.bars": Bars;
    "measure.coating": Coating;
    "measure.found": Found;

    "size.rule": {
      readonly school: School;
      readonly off: Written | null;
      /** The height's own figure, where it is another. */
      readonly offHeight?: Written | null | undefined;
      readonly grid: Grid;
      /** The pane may turn a little to lie best, or is held parallel to the sill. */
      readonly hold?: Hold | undefined;
    };
    "size.overruled": { readonly width: Written; readonly height: Written; readonly reason: string };
    "size.overrule-dropped": Record<string, never>;
    /** Cut to the opening's own shape: corners in nm from the bottom left, bottom edge along x, anticlockwise. */
    "size.shaped": { readonly corners: readonly Corner[]; readonly reason: string };
    "size.shaped-dropped": Record<string, never>;
    "size.basis": { readonly basis: Basis };
    "size.risk-taken": { readonly state: Circumstance | "not-said"; readonly reason: string };

    "specify.glass": {
      readonly kind: GlassKind;
      readonly thickness: Written;
      readonly edges: Edges;
      readonly pattern: string;
      /** A piece off the rack does as well. */
      readonly offcut?: boolean | undefined;
    };
    "specify.location": {
      readonly inDoor: boolean;
      readonly wetRoom: boolean;
      readonly stairs: boolean;
      readonly walkway: boolean;
    };

    /** A sealed unit as it is ordered; null goes back to single glass. */
    "specify.makeup": { readonly makeup: Makeup | null };
    "specify.exposure": { readonly exposure: Exposure };
    "specify.looks": Looks;
    /** A solid decorative panel; null where it is none. */
    "specify.panel": { readonly panel: Panel | null };
    /** A hinged sash with its old glass, what its hinges or stays are rated for, and how far apart they are. */
    "specify.hinges": {
      readonly sashKg: number | null;
      readonly ratedKg: number | null;
      readonly apartMm: number | null;
    };
    /** What makes the glass hot in one place and cold in another. */
    /** What this pane is to be set in: one of the firm's list. */
    "specify.bed": { readonly compound: string };
    "specify.sun": { readonly partShade: boolean; readonly darkFrame: boolean };
    /** What is to come with the glass. */
    "specify.parts": { readonly parts: readonly Part[]; readonly note: string };
    /** How the sash hangs, and what it weighs with its old glass, kg. */
    "specify.sash": { readonly position: "upper" | "lower" | "fixed"; readonly sashKg: number | null };
    "specify.match": { readonly answer: "matches" | "will-show" | "not-asked"; readonly note: string };

    "order.opened": { readonly supplier: string; readonly reference: string };
    "order.line": {
      readonly line: string;
      readonly widthNm: number;
      readonly heightNm: number;
      readonly thicknessNm: number;
      readonly glass: GlassKind;
      readonly edges: Edges;
      readonly pattern: string;
      readonly label: string;
      readonly grid: Grid;
      /**
       * Sizes above are the glass's own, always. Where the order states the opening, it states glass and allowance together,
       * and the cutter takes the allowance off again, once.
       */
      readonly basis?: "opening" | undefined;
      readonly makeup?: Makeup | undefined;
      readonly allowanceNm?: { readonly width: number; readonly height: number } | undefined;
      readonly looks?: Looks | undefined;
      /** Bars in the unit, as counted and spaced. */
      readonly bars?: Bars | undefined;
      /** What comes with it. */
      readonly parts?: readonly Part[] | undefined;
      /** What else whoever makes it must know. */
      readonly note?: string | undefined;
      /** A shaped pane: the sizes above are the rectangle round it. */
      readonly corners?: readonly Corner[] | undefined;
    };
    "order.line-dropped": { readonly line: string; readonly reason: string };
    "order.sent": { readonly day: string; readonly due: string };
    "order.arrived": { readonly day: string };
    "order.checked": {
      readonly line: string;
      readonly width: Written;
      readonly height: Written;
      readonly verdict: "accepted" | "accepted-with-note" | "sent-back";
      readonly reason: string;
    } & CheckedMore;

    struck: { readonly entry: string; readonly reason: string };

    /**
     * Stored once, and not understood by this version: set aside, shown in the logbook, part of no sum. It is made when the
     * log is read, and never written.
     */
    unread: { readonly kind: string; readonly why: string; readonly was: string };
  };

export type Kind = keyof Payloads;

/** What an entry is about. A pane's page shows all entries of the pane, and of the orders it stands on. */
export type About = {
  readonly round?: string | undefined;
  readonly pane?: string | undefined;
  readonly order?: string | undefined;
};

/** One small fact: who wrote it, when (ISO, UTC), about what. Only ever added. */
export type EntryOf<K extends Kind> = {
  readonly id: string;
  readonly at: string;
  readonly who: string;
  readonly about: About;
  readonly kind: K;
  readonly payload: Payloads[K];
};
export type Entry = { [K in Kind]: EntryOf<K> }[Kind];
