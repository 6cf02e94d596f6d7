import { compoundById } from "../../bed/compounds.ts";
import { frameOf } from "../../frame/systems.ts";
import { HOUSE_RULES, isHouseRule } from "../../house/rules.ts";
import type { FirmPayloads } from "../../log/kinds/firm.ts";
import { MAKES_NAMES } from "../../order/sources.ts";
import { EXPLAINS_FACTS } from "../../people/explains.ts";
import { STATION_NAMES } from "../../plan/stations.ts";
import { GAVE_FACTS, TURNED_NAMES, UNHOOKS_FACTS } from "../../takeout/profile.ts";
import { writeNumber } from "../../tape/write.ts";
import { counted } from "../../text/counted.ts";
import { nm } from "../../units/length.ts";
import { money } from "../money.ts";
import { onDay, type WordsOf } from "./parts.ts";

/** Lines of the logbook about the firm's own things and its rounds. */
export const FIRM_WORDS: WordsOf<FirmPayloads> = {
  "round.opened": (p) => `Round opened: ${p.name}`,
  "round.weather": (p) =>
    `Weather, ${onDay(p.day)}: ${p.wet ? "wet" : "dry"}${p.lowC === null ? "" : `, down to ${p.lowC} °C`}`,
  "weather.told": (p) =>
    `Weather as it was told on ${onDay(p.day)}, of ${counted(p.days.length, "day")}: ${p.days.filter((d) => d.wet).length} wet`,
  "round.day-off": (p) => `${onDay(p.day)} is ${p.off ? "a day off" : "worked"}`,
  "house.rule": (p) => `House rule: ${isHouseRule(p.rule) ? HOUSE_RULES[p.rule].says : p.rule}: ${p.value}`,
  "person.figure": (p) =>
    `${p.gone ? "The house's word again for one tape" : "One tape's own figure"}: ${HOUSE_RULES[p.rule].says}${p.gone ? "" : `, ${p.value} mm`}`,
  "supplier.figure": (p) =>
    `${p.supplier}: ${p.gone ? "the house's word again" : "their own figure"}: ${HOUSE_RULES[p.rule].says}${p.gone ? "" : `, ${p.value} mm`}`,
  "person.asked": (p) =>
    `${p.person} ${p.gone ? "was shown, or asks no longer for" : "wants to be shown"} ${frameOf(p.system).name}${p.gone ? "" : ` by ${p.of}`}`,
  "person.explains": (p) => `Explained to ${p.person}: ${EXPLAINS_FACTS[p.how].name.toLowerCase()}`,
  "supplier.added": (p) => `Supplier: ${p.name}`,
  "stock.pane": (p) => `${p.gone ? "No longer in stock" : "In stock"}: ${p.name}`,
  "bench.cutter": (p) =>
    p.gone
      ? `Glass cutter off the bench: ${p.name}`
      : `Glass cutter ${p.name}: its wheel runs ${writeNumber(nm(p.offsetNm), "mm")} mm off the straightedge`,
  "stock.cut": (p) =>
    `Cut up on the bench: ${p.sheet}, ${counted(p.panes.length, "pane")}${p.left.length > 0 ? `; left over: ${p.left.map((l) => l.name).join(", ")}` : ""}${p.spoilt > 0 ? `; ${p.spoilt} spoilt` : ""}`,
  "stock.counted": (p) => `Counted in the rack: ${p.name}, ${p.count === 0 ? "none" : p.count}`,
  "stock.insert": (p) => `${p.gone ? "Insert off the list" : "Insert on the list"}: ${p.family}`,
  "firm.details": (p) => `On the papers: ${[p.name, p.address].filter(Boolean).join(", ") || "no name"}`,
  "customer.kept": (p) =>
    `${p.address}: ${[p.name, p.telephone, p.keyHolder && `key: ${p.keyHolder}`].filter(Boolean).join(", ") || "nobody named"}`,
  "customer.forgotten": (p) =>
    `${p.address}: the customer asked to be forgotten; names, telephones, notes and photos are removed`,
  "building.lead": (p) => `${p.address}: paint tested, lead ${p.result}`,
  "profile.known": (p) => {
    const { profile, unhooks, gave, turned, tape, brittle, lesson } = p;
    const parts = [
      unhooks && UNHOOKS_FACTS[unhooks].name,
      turned && TURNED_NAMES[turned],
      gave && `gave ${GAVE_FACTS[gave].name}`,
      tape && `${tape} tape`,
      brittle && "brittle",
      lesson,
    ].filter(Boolean);
    return `{Beads} of ${profile}: ${parts.join(", ") || "nothing known"}`;
  },
  "work.took": (p) => `${STATION_NAMES[p.station]}, ${p.step.replaceAll("-", " ")}: took ${p.minutes} min`,
  "supplier.terms": (p) =>
    `${p.name}: makes ${p.makes.map((m) => MAKES_NAMES[m]).join(", ") || "nothing said"}; ${p.products.length} prices, least ${money(p.leastPence, "")}`,
  "lesson.kept": (p) => (p.gone ? `No longer so: ${p.says}` : `Learnt: ${p.says}`),
  "bed.usual": (p) => `Usual in ${frameOf(p.system).name}: ${compoundById(p.compound)?.name ?? p.compound}`,
  "compound.kept": (p) => (p.gone ? `${p.name} taken off the list` : `${p.name} as its label says`),
  "shelf.kept": (p) => `On the shelf: ${p.amount} ${p.unit} of ${p.what}`,
  "kit.forgot": (p) => `Left behind ${onDay(p.day)}: ${p.what}`,
};
