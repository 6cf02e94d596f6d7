import { compoundById } from "../bed/compounds.ts";
import { frameOf } from "../frame/systems.ts";
import { HOUSE_RULES, isHouseRule } from "../house/rules.ts";
import type { Entry } from "../log/kinds.ts";
import { CAUSE_WORDS, DAMAGE_WORDS, URGENCY_WORDS } from "../look/damage.ts";
import { CIRCUMSTANCE_FACTS, WAY_FACTS } from "../measure/ways.ts";
import { STATION_NAMES } from "../plan/stations.ts";
import { SCHOOL_FACTS } from "../size/school.ts";
import { GLASS_NAMES } from "../specify/glass.ts";
import { looksText, PART_NAMES } from "../specify/looks.ts";
import { makeupText } from "../specify/makeup.ts";
import { PANEL_MAKE_NAMES, panelThickness } from "../specify/panel.ts";
import { EXPOSURE_NAMES } from "../specify/wind.ts";
import { writeNumber } from "../tape/write.ts";
import type { Written } from "../tape/written.ts";
import { dayOf } from "../units/day.ts";
import { type LengthUnit, nm } from "../units/length.ts";
import { sayDay } from "./days.ts";
import { type Dialect, say } from "./dialect.ts";
import { sentenceBefore } from "./entry-before.ts";
import { sentenceOfOrder } from "./entry-order.ts";
import { sentenceOfSet } from "./entry-set.ts";
import { barsText, coatingText, foundText } from "./found.ts";
import { PLACE_NAMES } from "./places.ts";

/** What an entry says, as one line of the logbook. Readings stand as they were written. */
export const entryWords = (e: Entry, by: { readonly unit: LengthUnit; readonly dialect: Dialect }): string =>
  say(sentence(e, by.unit), by.dialect);

/** As written, with its unit unless the text has one. */
const asWritten = (w: Written): string =>
  /[a-z"'″′”’]/i.test(w.text) || w.text.includes("/") ? w.text : `${w.text} ${w.unit}`;
const onDay = (text: string): string => sayDay(dayOf(text));
const list = (words: readonly string[]): string => (words.length === 0 ? "nothing" : words.join(", "));

function sentence(e: Entry, unit: LengthUnit): string {
  switch (e.kind) {
    case "round.opened":
      return `Round opened: ${e.payload.name}`;
    case "round.weather":
      return `Weather, ${onDay(e.payload.day)}: ${e.payload.wet ? "wet" : "dry"}${e.payload.lowC === null ? "" : `, down to ${e.payload.lowC} °C`}`;
    case "round.day-off":
      return `${onDay(e.payload.day)} is ${e.payload.off ? "a day off" : "worked"}`;
    case "house.rule":
      return `House rule: ${isHouseRule(e.payload.rule) ? HOUSE_RULES[e.payload.rule].says : e.payload.rule}: ${e.payload.value}`;
    case "supplier.added":
      return `Supplier: ${e.payload.name}`;
    case "stock.pane":
      return `${e.payload.gone ? "No longer in stock" : "In stock"}: ${e.payload.name}`;
    case "stock.insert":
      return `${e.payload.gone ? "Insert off the list" : "Insert on the list"}: ${e.payload.family}`;
    case "pane.added":
      return `{Pane} added: ${frameOf(e.payload.system).name}, seen from ${e.payload.side}`;
    case "pane.corrected":
      return `{Pane} corrected: ${Object.values(e.payload).filter(Boolean).join(", ")}`;
    case "note.written":
      return `Note: ${e.payload.text}`;
    case "step.marked":
      return stepWords(e.payload);
    case "look.damage":
      return `What is wrong: ${list(e.payload.damage.map((d) => DAMAGE_WORDS[d]))}`;
    case "look.cause":
      return `Cause: ${CAUSE_WORDS[e.payload.cause].name}`;
    case "look.urgency":
      return `How pressing: ${URGENCY_WORDS[e.payload.urgency].name}`;
    case "look.building":
      return `Building: ${e.payload.year === null ? "year not known" : `of ${e.payload.year}`}, ${storeyWords(e.payload.storey)}`;
    case "look.closed":
      return `Hole closed with ${e.payload.how || "something"} until ${onDay(e.payload.until)}${e.payload.told ? `; told: ${e.payload.told}` : ""}`;
    case "look.opened":
      return "Temporary closing taken off";
    case "takeout.marks":
      return `Marked: inside face ${e.payload.insideFace || "–"}, top edge ${e.payload.topEdge || "–"}`;
    case "takeout.sprigs":
      return `{Sprigs} found: ${e.payload.found}`;
    case "measure.reading":
      return e.payload.text.trim() === ""
        ? `${PLACE_NAMES[e.payload.place]}: taken out`
        : `${PLACE_NAMES[e.payload.place]}: ${asWritten(e.payload)}`;
    case "measure.again":
      return `Read again, ${PLACE_NAMES[e.payload.place]}: ${asWritten(e.payload)}`;
    case "measure.stood-by":
      return `${PLACE_NAMES[e.payload.place]}: ${e.payload.text} is right, read again`;
    case "measure.way":
      return `Measured ${WAY_FACTS[e.payload.way].name}`;
    case "measure.circumstance":
      return `Measured from: ${CIRCUMSTANCE_FACTS[e.payload.state].name}`;
    case "measure.shape":
      return `By eye: ${e.payload.shape}`;
    case "measure.sits":
      return `The old {pane} sat ${e.payload.sits}`;
    case "measure.bars":
      return barsText(e.payload);
    case "measure.coating":
      return coatingText(e.payload);
    case "measure.found":
      return foundText(e.payload);
    case "size.rule":
      return `Takes off: ${SCHOOL_FACTS[e.payload.school].name}${e.payload.off ? ` ${asWritten(e.payload.off)}` : ""}, cut to ${e.payload.grid}`;
    case "size.overruled":
      return `Size overruled: ${asWritten(e.payload.width)} × ${asWritten(e.payload.height)}, because ${e.payload.reason}`;
    case "size.overrule-dropped":
      return "Back to the size as reckoned";
    case "size.shaped":
      return `Cut to shape by its corners, because ${e.payload.reason}`;
    case "size.shaped-dropped":
      return "Back to a true rectangle";
    case "size.basis":
      return e.payload.basis === "glass"
        ? "The order states the glass size"
        : "The order states the opening size: the cutter takes the allowance off";
    case "size.risk-taken":
      return `Ordered from ${e.payload.state === "not-said" ? "readings whose state was not said" : CIRCUMSTANCE_FACTS[e.payload.state].name}, at a risk that was accepted${e.payload.reason ? `: ${e.payload.reason}` : ""}`;
    case "specify.glass":
      return `Glass: ${asWritten(e.payload.thickness)} ${GLASS_NAMES[e.payload.kind]}, ${e.payload.edges}${e.payload.pattern ? `, ${e.payload.pattern}` : ""}`;
    case "specify.makeup":
      return e.payload.makeup ? `{Unit}: ${makeupText(e.payload.makeup)}` : "Single glass again";
    case "specify.looks":
      return `Looks: ${looksText(e.payload) || "plain"}`;
    case "specify.panel":
      return e.payload.panel
        ? `Solid panel: ${PANEL_MAKE_NAMES[e.payload.panel.make]}, ${panelThickness(e.payload.panel)} mm`
        : "Not a solid panel";
    case "specify.hinges":
      return `Hinges: sash ${e.payload.sashKg ?? "not weighed"}${e.payload.sashKg === null ? "" : " kg"}, rated ${e.payload.ratedKg === null ? "not read" : `${e.payload.ratedKg} kg`}`;
    case "specify.bed":
      return `To be set in ${compoundById(e.payload.compound)?.name ?? e.payload.compound}`;
    case "specify.sun":
      return `Sun: ${[e.payload.partShade ? "part in shade" : "", e.payload.darkFrame ? "dark frame" : ""].filter(Boolean).join(", ") || "all over, light frame"}`;
    case "specify.parts":
      return `To come with it: ${e.payload.parts.map((p) => PART_NAMES[p]).join(", ") || "nothing"}${e.payload.note ? `; ${e.payload.note}` : ""}`;
    case "specify.exposure":
      return `Stands to the wind: ${EXPOSURE_NAMES[e.payload.exposure]}`;
    case "specify.sash":
      return `Sash: ${e.payload.position}${e.payload.sashKg === null ? "" : `, ${e.payload.sashKg} kg with its old glass`}`;
    case "specify.match":
      return `Beside its neighbours: ${e.payload.answer.replace("-", " ")}${e.payload.note ? `, ${e.payload.note}` : ""}`;
    case "specify.location":
      return `Place: ${list(placeWords(e.payload))}`;
    case "order.opened":
      return `Order opened: ${e.payload.supplier}${e.payload.reference ? `, ${e.payload.reference}` : ""}`;
    case "order.line":
      return `On the order: ${writeNumber(nm(e.payload.widthNm), unit)} × ${writeNumber(nm(e.payload.heightNm), unit)} ${unit}, ${GLASS_NAMES[e.payload.glass]}, ${e.payload.label}`;
    case "order.line-dropped":
      return `Taken off the order${e.payload.reason ? `: ${e.payload.reason}` : ""}`;
    case "order.sent":
      return `Ordered ${onDay(e.payload.day)}, due ${onDay(e.payload.due)}`;
    case "order.arrived":
      return `Arrived ${onDay(e.payload.day)}`;
    case "order.checked":
      return `Checked in, ${asWritten(e.payload.width)} × ${asWritten(e.payload.height)}: ${VERDICT_WORDS[e.payload.verdict]}${e.payload.reason ? `, ${e.payload.reason}` : ""}`;
    case "supplier.terms":
    case "order.stood-by":
    case "order.read-back":
    case "order.handed":
    case "order.acknowledged":
    case "order.asked":
    case "order.answered":
    case "order.note":
    case "order.promised":
    case "order.broke":
    case "order.had":
    case "order.outcome":
    case "quote.made":
    case "quote.answered":
    case "quote.spent":
      return sentenceOfOrder(e);
    case "set.done":
    case "set.material":
    case "set.tag":
    case "set.facing":
    case "finish.painted":
    case "finish.paint-left":
    case "finish.visit":
    case "signoff.snag":
    case "signoff.check":
    case "signoff.signed":
    case "lesson.kept":
    case "bed.usual":
    case "compound.kept":
    case "shelf.kept":
    case "kit.forgot":
      return sentenceOfSet(e);
    case "struck":
      return `Struck through${e.payload.reason ? `: ${e.payload.reason}` : ""}`;
    case "unread":
      return `Set aside, because it cannot be read (${e.payload.kind}): ${e.payload.why}`;
    default:
      return sentenceBefore(e) ?? `Something that this version has no words for (${(e as Entry).kind})`;
  }
}

export const VERDICT_WORDS = {
  accepted: "accepted",
  "accepted-with-note": "accepted with a note",
  "sent-back": "sent back",
} as const;

export const storeyWords = (storey: number | null): string =>
  storey === null ? "floor not said" : storey === 0 ? "ground floor" : storey < 0 ? "below ground" : `floor ${storey}`;

function stepWords(p: Extract<Entry, { kind: "step.marked" }>["payload"]): string {
  const name = `${STATION_NAMES[p.station]}, ${p.step.replaceAll("-", " ")}`;
  if (p.state === "open") return `${name}: opened again`;
  return p.state === "done" ? `${name}: done` : `${name}: skipped${p.reason ? `, ${p.reason}` : ""}`;
}

function placeWords(p: Extract<Entry, { kind: "specify.location" }>["payload"]): readonly string[] {
  return [
    p.inDoor ? "in a door" : "",
    p.wetRoom ? "wet room" : "",
    p.stairs ? "stairs" : "",
    p.walkway ? "walkway beside it" : "",
  ].filter(Boolean);
}
