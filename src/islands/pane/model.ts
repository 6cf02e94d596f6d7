import type { Place } from "../../core/measure/places.ts";
import type { PaneBook } from "../../core/pane/book.ts";
import type { Station } from "../../core/plan/stations.ts";
import { readTape } from "../../core/tape/read.ts";
import type { LengthUnit } from "../../core/units/length.ts";
import type { Typed } from "../log/typing.ts";

export type View = Station | "logbook";
export type Sheet = "keys" | "tape-line" | null;

/** What the screen itself knows: where it is open, which sheet lies on top, what it said last. */
export type ScreenState = {
  readonly view: View;
  readonly sheet: Sheet;
  readonly said: string;
};

export type ScreenEvent =
  | { readonly kind: "open"; readonly view: View }
  | { readonly kind: "sheet"; readonly sheet: Sheet }
  | { readonly kind: "say"; readonly text: string };

export const screenAt = (view: View): ScreenState => ({ view, sheet: null, said: "" });

export function nextScreen(state: ScreenState, event: ScreenEvent): ScreenState {
  switch (event.kind) {
    case "open":
      return { ...state, view: event.view, sheet: null };
    case "sheet":
      return { ...state, sheet: event.sheet };
    case "say":
      return { ...state, said: event.text };
  }
}

/** The book as it would be if what is typed were kept: this is what the drawings follow, key by key. */
export function withTyping(book: PaneBook, typing: Typed, unit: LengthUnit): PaneBook {
  const places = Object.keys(typing) as Place[];
  if (places.length === 0) return book;
  const readings = { ...book.readings };
  for (const place of places) {
    const text = typing[place] ?? "";
    if (text.trim() === "") delete readings[place];
    else
      readings[place] = {
        text,
        unit,
        entry: "",
        who: "",
        sure: book.circumstance,
        copied: false,
        read: readTape(text, unit),
      };
  }
  return { ...book, readings };
}

/** Where hands are at work on the sash: a small screen is for the step, says of the pane only what is wrong with it, and sends nobody elsewhere in the middle of it. */
export const IS_WORK: Readonly<Record<View, boolean>> = {
  look: false,
  takeout: true,
  measure: false,
  specify: false,
  order: false,
  ready: true,
  set: true,
  finish: true,
  signoff: true,
  logbook: false,
};
