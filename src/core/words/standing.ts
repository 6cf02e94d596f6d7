import type { Next } from "../pane/next.ts";
import type { Says } from "../pane/standing.ts";
import { GLASS_NAMES, type Glass } from "../specify/glass.ts";
import { WHOLE_FACTS } from "../specify/whole.ts";
import type { Template } from "../text/template.ts";
import type { LengthUnit } from "../units/length.ts";
import { sayDay } from "./days.ts";
import { type Dialect, say } from "./dialect.ts";
import { thicknessText } from "./glass.ts";
import { PLACE_NAMES } from "./places.ts";

/** How a station stands, in about three words, for the station tape. */
export function standingWords(
  says: Says,
  glass: Glass,
  { dialect, unit }: { readonly dialect: Dialect; readonly unit: LengthUnit },
): string {
  switch (says.kind) {
    case "nothing":
      return "";
    case "say-set":
      return "say it is set";
    case "done":
      return "done";
    case "steps":
      return says.done === 0 ? `${says.of} steps` : `${says.done} of ${says.of}`;
    case "looked":
      return says.done === 0 ? "not yet" : `${says.done} of ${says.of} said`;
    case "readings":
      return says.done === 0 ? "nothing read" : `${says.done} of ${says.of} readings`;
    case "guessed":
      return `${says.done} of ${says.of}, a guess`;
    case "bad-reading":
      return says.count === 1 ? "one cannot be read" : `${says.count} cannot be read`;
    case "glass":
      return say(`${thicknessText(glass.thickness, unit)} ${GLASS_NAMES[glass.kind]}`, dialect);
    case "unit":
      return say(`${thicknessText(glass.thickness, unit)} {unit}`, dialect);
    case "frame-unsaid":
      return "frame not said";
    case "unit-open":
      return say("{unit} not chosen", dialect);
    case "whole":
      return WHOLE_FACTS[says.what].name;
    case "needs-safety":
      return "safety glass needed";
    case "not-ordered":
      return "not yet";
    case "old-glass":
      return "old glass back";
    case "on-order":
      return "on an order";
    case "broke":
      return "it broke";
    case "had":
      return "glass is here";
    case "sent-back":
      return "sent back";
    case "due":
      return `due ${sayDay(says.day)}`;
    case "set-on":
      return `set ${sayDay(says.day)}`;
    case "paint-from":
      return `paint ${sayDay(says.day)}`;
    case "painted":
      return `painted ${sayDay(says.day)}`;
    case "no-fit-day":
      return "no fit day";
    case "paint-left":
      return "others paint";
    case "signed":
      return "signed off";
    case "cannot-open":
      return "cannot be opened";
  }
}

/** The next thing to do, as an order to oneself. */
export function nextWords(next: Next, dialect: Dialect): string {
  return say(nextSentence(next), dialect);
}

function nextSentence(next: Next): Template {
  const day = next.day === undefined ? "" : sayDay(next.day);
  switch (next.kind) {
    case "look":
      return "Look: say what is wrong";
    case "say-held":
      return "Say how the glass is held";
    case "close-hole":
      return "Close the hole";
    case "keep-or-renew":
      return "Sound glass: keep it?";
    case "read-size":
      return `Read ${next.what ?? "width and height"}`;
    case "read-again":
      return next.count === 1 ? "Read one again" : `Read ${next.count} again`;
    case "read-corners":
      return next.count === 1 ? "Read the other corner" : "Read two corners";
    case "read-rest":
      return next.count === 1 ? "Read one more" : `Read ${next.count} more`;
    case "read-copied":
      return "Read it: it is copied";
    case "read-cleared":
      return "Read the bare {rebate}";
    case "pane-will-not-fit":
      return "Take more off: it leans";
    case "readings-disagree":
      return "Read again: they disagree";
    case "slip":
      return next.place ? `Read again: ${PLACE_NAMES[next.place]}` : "Read again: a slip";
    case "no-rectangle":
      return "No size will do as it is";
    case "choose-safety":
      return "Choose safety glass";
    case "choose-unit":
      return "Choose the {unit}";
    case "settle":
      return `Settle: ${next.short ?? next.what ?? "what is left to guess"}`;
    case "cut-here":
      return "Cut it on the bench";
    case "put-on-order":
      return "Put on an order";
    case "send-order":
      return "Send the order";
    case "check-in":
      return day ? `Check in ${day}` : "Check in what came";
    case "chase":
      return `Chase it: was due ${day}`;
    case "order-again":
      return `Order again: ${next.what ?? "sent back"}`;
    case "ordered-twice":
      return "Ordered twice: call one off";
    case "take-out":
      return "Take out";
    case "make-ready":
      return "Make ready";
    case "set":
      return "Set it";
    case "paint":
      return `Paint, by ${day}`;
    case "wait-paint":
      return day ? `Paint from ${day}` : "No fit day to paint: look";
    case "come-back":
      return `Come back ${day}`;
    case "past-paint":
      return `Paint at once: was due ${day}`;
    case "finish-off":
      return next.count === 1 ? "Finish: one step left" : `Finish: ${next.count} steps left`;
    case "sign-off":
      return "Sign off";
    case "broken":
      return "Something of it cannot be read: open its logbook";
    case "signed-off":
      return "Signed off";
  }
}
