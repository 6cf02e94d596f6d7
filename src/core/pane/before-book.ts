import type { Detail } from "../frame/detail.ts";
import type { Side } from "../geometry/quad.ts";
import type { PhotoArrow } from "../log/kinds/pane.ts";
import type { Entry, EntryOf, Kind, Payloads } from "../log/kinds.ts";
import type { Member } from "../look/condition.ts";
import type { Earlier } from "../look/earlier.ts";
import type { ExamAnswers } from "../look/exam.ts";
import type { OptionKind } from "../look/options.ts";
import type { Special } from "../look/special.ts";
import type { Station } from "../plan/stations.ts";
import type { Hardware, HardwareFate } from "../ready/hardware.ts";
import type { Weighing } from "../refurbish/beads-and-seal.ts";
import type { Counted, Counts } from "../takeout/counts.ts";
import type { MapItem } from "../takeout/how-it-was.ts";

export type Photo = {
  readonly photo: string;
  readonly station: Station;
  /** Of the picture, in dots. */
  readonly width: number;
  readonly height: number;
  readonly caption: string;
  readonly of: string;
  readonly arrows: readonly PhotoArrow[];
  readonly who: string;
  readonly at: string;
};

/** What is known of a pane from looking at it, taking it out and making ready. */
export type BeforeBook = {
  readonly exam: ExamAnswers;
  /** Whether the sash lets its glass go; null until somebody looked. */
  readonly opens: boolean | null;
  readonly special: readonly Special[];
  readonly licensed: string;
  readonly members: Readonly<Partial<Record<Side, Member>>>;
  readonly option: { readonly option: OptionKind; readonly reason: string } | null;
  readonly earlier: readonly Earlier[];
  readonly wants: Payloads["look.wants"] | null;
  readonly detail: Partial<Detail>;
  readonly front: Payloads["takeout.front"]["front"];
  readonly joints: Payloads["takeout.joints"] | null;
  readonly profile: string;
  readonly broken: readonly Side[];
  readonly waste: readonly Payloads["waste.out"][];
  readonly hands: Payloads["hands.booked"] | null;
  readonly map: readonly MapItem[];
  readonly counts: Counts;
  /** Sides, corners or faces ticked, by station and step. */
  readonly ticked: ReadonlyMap<string, readonly string[]>;
  readonly dryFit: Payloads["ready.dry-fit"] | null;
  readonly drains: Payloads["ready.drains"] | null;
  readonly hardware: Readonly<Partial<Record<Hardware, HardwareFate>>>;
  readonly photos: readonly Photo[];
  readonly refurbish: {
    readonly panes: Payloads["refurbish.panes"] | null;
    readonly gaps: Payloads["refurbish.gaps"] | null;
    readonly unit: Payloads["refurbish.unit"] | null;
    readonly weighings: readonly Weighing[];
    readonly cleaned: readonly Payloads["refurbish.cleaned"][];
    readonly closed: Payloads["refurbish.closed"] | null;
  };
};

/** Folds the pane's own standing entries. Pure: the order in which they came counts only where the newest wins. */
export function foldBefore(own: readonly Entry[]): BeforeBook {
  const latest = new Map<Kind, Entry>();
  let exam: ExamAnswers = {};
  let detail: Partial<Detail> = {};
  const members: Partial<Record<Side, Member>> = {};
  const hardware: Partial<Record<Hardware, HardwareFate>> = {};
  const map = new Map<string, MapItem>();
  const counts: Partial<Record<Counted, { out: number | null; back: number | null }>> = {};
  const ticked = new Map<string, readonly string[]>();
  const photos = new Map<string, Photo>();
  const weighings: Weighing[] = [];
  const cleaned: Payloads["refurbish.cleaned"][] = [];
  const waste: Payloads["waste.out"][] = [];
  for (const e of own) {
    latest.set(e.kind, e);
    switch (e.kind) {
      case "look.answer":
        exam = { ...exam, [e.payload.question]: e.payload.answer ?? undefined };
        break;
      case "takeout.detail":
        detail = { ...detail, ...e.payload };
        break;
      case "look.condition":
        members[e.payload.member] = { state: e.payload.state, fault: e.payload.fault };
        break;
      case "ready.hardware":
        hardware[e.payload.what] = e.payload.fate;
        break;
      case "takeout.map":
        map.set(e.payload.item, e.payload);
        break;
      case "takeout.map-off":
        map.delete(e.payload.item);
        break;
      case "takeout.counted":
        counts[e.payload.what] = {
          ...(counts[e.payload.what] ?? { out: null, back: null }),
          [e.payload.way]: e.payload.count,
        };
        break;
      case "step.sides":
        ticked.set(`${e.payload.station}/${e.payload.step}`, e.payload.done);
        break;
      case "photo.added":
        photos.set(e.payload.photo, { ...e.payload, of: e.payload.of ?? "", arrows: [], who: e.who, at: e.at });
        break;
      case "photo.marked": {
        const was = photos.get(e.payload.photo);
        if (was) photos.set(was.photo, { ...was, arrows: e.payload.arrows, caption: e.payload.caption });
        break;
      }
      case "photo.off":
        photos.delete(e.payload.photo);
        break;
      case "refurbish.weighed":
        weighings.push(e.payload);
        break;
      case "refurbish.cleaned":
        cleaned.push(e.payload);
        break;
      case "waste.out":
        waste.push(e.payload);
        break;
    }
  }
  const last = <K extends Kind>(kind: K): Payloads[K] | null =>
    (latest.get(kind) as EntryOf<K> | undefined)?.payload ?? null;
  return {
    exam,
    opens: last("look.opens")?.opens ?? null,
    special: last("look.special")?.special ?? [],
    licensed: last("look.special")?.licensed ?? "",
    members,
    option: last("look.option"),
    earlier: last("look.earlier")?.found ?? [],
    wants: last("look.wants"),
    detail,
    front: last("takeout.front")?.front ?? [],
    joints: last("takeout.joints"),
    profile: last("takeout.profile")?.profile ?? "",
    broken: last("takeout.broken")?.beads ?? [],
    waste,
    hands: last("hands.booked"),
    map: [...map.values()],
    counts,
    ticked,
    dryFit: last("ready.dry-fit"),
    drains: last("ready.drains"),
    hardware,
    photos: [...photos.values()],
    refurbish: {
      panes: last("refurbish.panes"),
      gaps: last("refurbish.gaps"),
      unit: last("refurbish.unit"),
      weighings,
      cleaned,
      closed: last("refurbish.closed"),
    },
  };
}
