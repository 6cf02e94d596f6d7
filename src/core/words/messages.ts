import type { Day } from "../units/day.ts";
import { sayDay } from "./days.ts";

/** Texts for the customer, to paste into whatever they read. Plain words, no jargon. */
export type Message = { readonly id: string; readonly name: string; readonly text: string };

/** What is worth telling about a pane on its way. */
export function messagesFor(pane: {
  readonly where: string;
  readonly state: "ordered" | "late" | "broke" | "in" | "closed" | "shut" | "softly" | "may-open";
  readonly due: Day | null;
  readonly slots: readonly Day[];
}): Message {
  const due = pane.due === null ? "" : sayDay(pane.due);
  const slots = pane.slots.map(sayDay).join(" or ");
  switch (pane.state) {
    case "ordered":
      return {
        id: "ordered",
        name: "ordered",
        text: `The glass for ${pane.where} is ordered and promised for ${due}. We check it when it comes, then ring you for a day.`,
      };
    case "late":
      return {
        id: "late",
        name: "late",
        text: `The glass for ${pane.where} was promised for ${due} and has not come. We are chasing it and will tell you the new day. What closes the opening stays meanwhile: please do not lean on it.`,
      };
    case "broke":
      return {
        id: "broke",
        name: "it broke",
        text: `The new glass for ${pane.where} came and broke before we could set it. Another is being made, and we will tell you the new day. What closes the opening stays meanwhile: please do not lean on it.`,
      };
    case "in":
      return {
        id: "in",
        name: "it is in",
        text: `The glass for ${pane.where} is in, and it is right. We can come ${slots || "as soon as you like"}: which suits you?`,
      };
    case "shut":
      return {
        id: "shut",
        name: "leave it shut",
        text: `The glass in ${pane.where} is in. Please leave it shut until ${due}: opened sooner, what holds the glass moves, and nobody sees it until it leaks. Do not clean it yet.`,
      };
    case "softly":
      return {
        id: "softly",
        name: "shut it softly",
        text: `The glass in ${pane.where} is in. Until ${due} please shut the door softly, never let it slam, and lean nothing on the glass: what holds it has not set yet, and moved now it leaks later. Do not clean it yet.`,
      };
    case "may-open":
      return {
        id: "may-open",
        name: "it may be opened",
        text: `${pane.where} may be opened and cleaned again from today. If it drags, rattles or lets water in, please tell us.`,
      };
    case "closed":
      return {
        id: "closed",
        name: "closed up",
        text: `${pane.where} is closed up until the glass comes${due ? `, by ${due}` : ""}. Please do not open it or lean on it, and ring us if it works loose.`,
      };
  }
}
