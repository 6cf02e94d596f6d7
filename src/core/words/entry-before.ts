import { DETAILS, type DetailName } from "../frame/detail.ts";
import type { EntryOf } from "../log/kinds.ts";
import type { BeforePayloads } from "../log/payloads-before.ts";
import { FAULT_FACTS, MEMBER_FACTS } from "../look/condition.ts";
import { EARLIER_FACTS } from "../look/earlier.ts";
import { EXAM_FACTS } from "../look/exam.ts";
import { OPTION_NAMES } from "../look/options.ts";
import { SPECIAL_FACTS } from "../look/special.ts";
import { STATION_NAMES } from "../plan/stations.ts";
import { DRY_FIT_FACTS } from "../ready/dry-fit.ts";
import { FATE_NAMES, HARDWARE_NAMES } from "../ready/hardware.ts";
import { filledOf } from "../refurbish/beads-and-seal.ts";
import { CLEANER_FACTS } from "../refurbish/cleaners.ts";
import { BEAD_SCHOOL_FACTS, CORNERS } from "../takeout/beads.ts";
import { COUNTED_NAMES } from "../takeout/counts.ts";
import { WASTE_NAMES } from "../takeout/disposal.ts";
import { FRONT_FACTS } from "../takeout/front-steps.ts";
import { THING_FACTS } from "../takeout/how-it-was.ts";
import { GAVE_FACTS, TURNED_NAMES, UNHOOKS_FACTS } from "../takeout/profile.ts";
import { dayOf } from "../units/day.ts";
import { sayDay } from "./days.ts";

type BeforeEntry = { [K in keyof BeforePayloads]: EntryOf<K> }[keyof BeforePayloads];

/** A line of the logbook about looking, taking out, making ready or refurbishing. */
export function sentenceBefore(e: BeforeEntry): string {
  switch (e.kind) {
    case "firm.details":
      return `On the papers: ${[e.payload.name, e.payload.address].filter(Boolean).join(", ") || "no name"}`;
    case "customer.kept":
      return `${e.payload.address}: ${[e.payload.name, e.payload.telephone, e.payload.keyHolder && `key: ${e.payload.keyHolder}`].filter(Boolean).join(", ") || "nobody named"}`;
    case "building.lead":
      return `${e.payload.address}: paint tested, lead ${e.payload.result}`;
    case "profile.known": {
      const { profile, unhooks, gave, turned, tape, brittle, lesson } = e.payload;
      const parts = [
        unhooks && UNHOOKS_FACTS[unhooks].name,
        turned && TURNED_NAMES[turned],
        gave && `gave ${GAVE_FACTS[gave].name}`,
        tape && `${tape} tape`,
        brittle && "brittle",
        lesson,
      ].filter(Boolean);
      return `{Beads} of ${profile}: ${parts.join(", ") || "nothing known"}`;
    }
    case "work.took":
      return `${STATION_NAMES[e.payload.station]}, ${e.payload.step.replaceAll("-", " ")}: took ${e.payload.minutes} min`;
    case "takeout.profile":
      return `Frame profile: ${e.payload.profile || "not known"}`;
    case "takeout.broken":
      return `{Beads} broken: ${e.payload.beads.join(", ") || "none"}`;
    case "waste.out":
      return `Away: ${e.payload.bags} ${e.payload.bags === 1 ? "bag" : "bags"} of ${WASTE_NAMES[e.payload.waste]}${e.payload.where ? `, ${e.payload.where}` : ""}`;
    case "hands.booked":
      return `Second person ${sayDay(dayOf(e.payload.day))} from ${e.payload.from}, ${e.payload.hours} h${e.payload.helper ? `: ${e.payload.helper}` : ""}`;
    case "refurbish.cleaned":
      return `Cleaned with ${CLEANER_FACTS[e.payload.cleaner].name}: ${e.payload.result}`;
    case "look.answer": {
      const fact = EXAM_FACTS[e.payload.question];
      const answer = (fact.answers as Readonly<Record<string, string>>)[e.payload.answer ?? ""];
      return `${fact.asks}: ${answer ?? "taken back"}`;
    }
    case "look.opens":
      return e.payload.opens ? "The sash lets its glass go" : "The sash cannot be opened";
    case "look.special":
      return `Wants a licence: ${e.payload.special.map((s) => SPECIAL_FACTS[s].name).join(", ") || "no"}${e.payload.licensed ? `; done or approved by ${e.payload.licensed}` : ""}`;
    case "look.condition":
      return `${e.payload.member} member: ${MEMBER_FACTS[e.payload.state].name}${e.payload.fault ? `, ${FAULT_FACTS[e.payload.fault].name}` : ""}${e.payload.note ? `, ${e.payload.note}` : ""}`;
    case "look.option":
      return `To do: ${OPTION_NAMES[e.payload.option]}${e.payload.reason ? `, because ${e.payload.reason}` : ""}`;
    case "look.earlier":
      return `Left by an earlier repair: ${e.payload.found.map((f) => EARLIER_FACTS[f].name).join(", ") || "nothing"}`;
    case "look.wants":
      return `Customer: ${[e.payload.by ? `by ${sayDay(dayOf(e.payload.by))}` : "", e.payload.mustLock ? "must lock" : "", e.payload.minds].filter(Boolean).join(", ") || "nothing special"}`;
    case "takeout.detail":
      return (Object.entries(e.payload) as [DetailName, string | undefined][])
        .flatMap(([n, v]) =>
          v === undefined ? [] : [`${DETAILS[n].name} ${(DETAILS[n].of as Readonly<Record<string, string>>)[v] ?? v}`],
        )
        .join(", ");
    case "takeout.front":
      return `In front: ${e.payload.front.map((f) => `${FRONT_FACTS[f.what].name}${f.fate === "thrown" ? " (thrown out)" : f.kept ? ` (${f.kept})` : ""}`).join(", ") || "nothing"}`;
    case "takeout.joints":
      return `{Bead} corners: ${
        CORNERS.flatMap((c) => {
          const j = e.payload.joints[c];
          return j
            ? [
                `${c.replace("-", " ")} ${j.kind === "mitred" ? "mitred" : `${j.side} ${j.kind === "runs" ? "runs through" : "laps over"}`}`,
              ]
            : [];
        }).join(", ") || "none marked"
      }; ${BEAD_SCHOOL_FACTS[e.payload.school].name}`;
    case "takeout.map":
      return `On the map: ${THING_FACTS[e.payload.thing].name}, ${e.payload.edge}${e.payload.thickness ? `, ${e.payload.thickness.text} ${e.payload.thickness.unit}` : ""}${e.payload.material ? `, ${e.payload.material}` : ""}`;
    case "takeout.map-off":
      return "Taken off the map";
    case "takeout.counted":
      return `${e.payload.count} ${COUNTED_NAMES[e.payload.what]} ${e.payload.way}`;
    case "step.sides":
      return `${STATION_NAMES[e.payload.station]}, ${e.payload.step.replaceAll("-", " ")}: ${e.payload.done.join(", ") || "none"}`;
    case "ready.dry-fit":
      return `Tried dry: ${DRY_FIT_FACTS[e.payload.fit].name}${e.payload.note ? `, ${e.payload.note}` : ""}`;
    case "ready.hardware":
      return `${HARDWARE_NAMES[e.payload.what]}: ${FATE_NAMES[e.payload.fate]}`;
    case "ready.drains":
      return `Drains: ${e.payload.clear} of ${e.payload.found} clear${e.payload.sleeved ? `, ${e.payload.sleeved} sleeved` : ""}${e.payload.note ? `, ${e.payload.note}` : ""}`;
    case "photo.added":
      return `Photo${e.payload.caption ? `: ${e.payload.caption}` : ""}`;
    case "photo.marked":
      return `Photo marked${e.payload.caption ? `: ${e.payload.caption}` : ""}`;
    case "photo.off":
      return "Photo taken off";
    case "refurbish.gaps":
      return `Spacer in from the edge, mm: ${Object.entries(e.payload)
        .map(([side, mm]) => `${side} ${mm ?? "not read"}`)
        .join(", ")}`;
    case "refurbish.panes":
      return `{Panes} of the {unit}: A ${e.payload.a || "not said"}, B ${e.payload.b || "not said"}`;
    case "refurbish.unit":
      return `Spacer ${e.payload.spacerMm} mm, bore ${e.payload.boreMm2} mm², channel ${e.payload.channelMm} mm, ${filledOf(e.payload.filledSides)} filled`;
    case "refurbish.weighed":
      return `Beads weigh ${e.payload.grams} g after ${e.payload.minutes} min`;
    case "refurbish.closed":
      return `Resealed ${sayDay(dayOf(e.payload.day))}, no gas; look again ${sayDay(dayOf(e.payload.lookAgain))}`;
  }
}
