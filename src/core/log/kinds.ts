import type { About, KindFactsOf } from "./kind-fact.ts";
import { FINISH_KINDS, type FinishPayloads } from "./kinds/finish.ts";
import { FIRM_KINDS, type FirmPayloads } from "./kinds/firm.ts";
import { LEARN_KINDS, type LearnPayloads } from "./kinds/learn.ts";
import { LOOK_KINDS, type LookPayloads } from "./kinds/look.ts";
import { MEASURE_KINDS, type MeasurePayloads } from "./kinds/measure.ts";
import { ORDER_KINDS, type OrderPayloads } from "./kinds/order.ts";
import { PANE_KINDS, type PanePayloads } from "./kinds/pane.ts";
import { PLAN_KINDS, type PlanPayloads } from "./kinds/plan.ts";
import { READY_KINDS, type ReadyPayloads } from "./kinds/ready.ts";
import { REFURBISH_KINDS, type RefurbishPayloads } from "./kinds/refurbish.ts";
import { SET_KINDS, type SetPayloads } from "./kinds/set.ts";
import { SIGNOFF_KINDS, type SignoffPayloads } from "./kinds/signoff.ts";
import { SIZE_KINDS, type SizePayloads } from "./kinds/size.ts";
import { SPECIFY_KINDS, type SpecifyPayloads } from "./kinds/specify.ts";
import { TAKEOUT_KINDS, type TakeoutPayloads } from "./kinds/takeout.ts";

/** What each kind of entry carries. Days are `yyyy-mm-dd`; ids are UUIDs; lengths are as written. */
export type Payloads = FirmPayloads &
  PanePayloads &
  LookPayloads &
  TakeoutPayloads &
  MeasurePayloads &
  SizePayloads &
  SpecifyPayloads &
  OrderPayloads &
  ReadyPayloads &
  RefurbishPayloads &
  SetPayloads &
  FinishPayloads &
  SignoffPayloads &
  LearnPayloads &
  PlanPayloads;

export type Kind = keyof Payloads;

/** What is known of each kind. */
export const KINDS: KindFactsOf<Payloads> = {
  ...FIRM_KINDS,
  ...PANE_KINDS,
  ...LOOK_KINDS,
  ...TAKEOUT_KINDS,
  ...MEASURE_KINDS,
  ...SIZE_KINDS,
  ...SPECIFY_KINDS,
  ...ORDER_KINDS,
  ...READY_KINDS,
  ...REFURBISH_KINDS,
  ...SET_KINDS,
  ...FINISH_KINDS,
  ...SIGNOFF_KINDS,
  ...LEARN_KINDS,
  ...PLAN_KINDS,
};

/** One small fact: who wrote it, when (ISO, UTC), about what. Only ever added. */
export type EntryOf<K extends Kind> = {
  readonly id: string;
  /** Its place in the order of things: the time, as well as the devices that wrote know it. */
  readonly at: string;
  readonly who: string;
  readonly about: About;
  readonly kind: K;
  readonly payload: Payloads[K];
  /** What the writer's own clock said, where that was another time. */
  readonly clock?: string | undefined;
  /** The entries of the same thing that its writer had before them, none older than another; unknown where it is left out. */
  readonly seen?: readonly string[] | undefined;
  /** The version of the payload, where it is not the first. */
  readonly v?: number | undefined;
};
export type Entry = { [K in Kind]: EntryOf<K> }[Kind];
