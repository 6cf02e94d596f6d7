import { compoundById } from "../bed/compounds.ts";
import { VISIT_NAMES } from "../finish/visit.ts";
import { frameOf } from "../frame/systems.ts";
import type { EntryOf } from "../log/kinds.ts";
import type { SetPayloads } from "../log/payloads-set.ts";
import { FACING_FACTS } from "../set/facing.ts";
import { inspectionLook } from "../signoff/inspection.ts";
import { dayOf } from "../units/day.ts";
import { sayDay } from "./days.ts";

type SetEntry = { [K in keyof SetPayloads]: EntryOf<K> }[keyof SetPayloads];

const onDay = (day: string): string => sayDay(dayOf(day));

/** A line of the logbook about setting, finishing, signing off, and what the firm keeps from them. */
export function sentenceOfSet(e: SetEntry): string {
  switch (e.kind) {
    case "set.done":
      return `Set ${onDay(e.payload.day)} in ${e.payload.as?.name ?? compoundById(e.payload.compound)?.name ?? e.payload.compound}${e.payload.sprigs === null ? "" : `, ${e.payload.sprigs} {sprigs}`}`;
    case "set.material":
      return `Used: ${e.payload.what}${e.payload.batch ? `, batch ${e.payload.batch}` : ""}${e.payload.expiry ? `, good until ${onDay(e.payload.expiry)}` : ""}`;
    case "set.tag":
      return e.payload.tag === "" ? "The sash came back without a tag" : "The sash's tag was read";
    case "set.facing":
      return `Facing by its ${FACING_FACTS[e.payload.sign].name}${e.payload.seen ? `: ${e.payload.seen}` : ""}`;
    case "finish.painted":
      return `Painted ${onDay(e.payload.day)}`;
    case "finish.paint-left":
      return `Paint is left to the ${e.payload.to}${e.payload.note ? `: ${e.payload.note}` : ""}`;
    case "finish.visit":
      return `Back on ${onDay(e.payload.day)}: ${VISIT_NAMES[e.payload.visit]}`;
    case "signoff.snag":
      return `${e.payload.done ? "Put right" : "To put right"}: ${e.payload.says}${e.payload.due && !e.payload.done ? `, by ${onDay(e.payload.due)}` : ""}`;
    case "signoff.check":
      return `${e.payload.good ? "Good" : "Not good"}: ${inspectionLook(e.payload.item)}${e.payload.note ? ` (${e.payload.note})` : ""}`;
    case "signoff.signed":
      return `Signed off ${onDay(e.payload.day)}${e.payload.told ? "; customer told" : ""}`;
    case "lesson.kept":
      return e.payload.gone ? `No longer so: ${e.payload.says}` : `Learnt: ${e.payload.says}`;
    case "bed.usual":
      return `Usual in ${frameOf(e.payload.system).name}: ${compoundById(e.payload.compound)?.name ?? e.payload.compound}`;
    case "compound.kept":
      return e.payload.gone ? `${e.payload.name} taken off the list` : `${e.payload.name} as its label says`;
    case "shelf.kept":
      return `On the shelf: ${e.payload.amount} ${e.payload.unit} of ${e.payload.what}`;
    case "kit.forgot":
      return `Left behind ${onDay(e.payload.day)}: ${e.payload.what}`;
  }
}
