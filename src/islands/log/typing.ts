import { useStore } from "@nanostores/react";
import { type MapStore, map } from "nanostores";
import { createContext, useContext } from "react";
import type { Place } from "../../core/measure/places.ts";

/** What is typed and not yet kept, by place. A store of its own, so that a key redraws one field and nothing else. */
export type Typed = Readonly<Partial<Record<Place, string>>>;
export type TypingStore = MapStore<Partial<Record<Place, string>>>;

export const createTyping = (): TypingStore => map<Partial<Record<Place, string>>>({});

export const TypingContext = createContext<TypingStore | null>(null);

/** The text that is being typed at one place, undefined where nothing is; and how to go on typing. */
export function useTyping(place: Place): { readonly typed: string | undefined; readonly type: TypingStore["setKey"] } {
  const store = useContext(TypingContext);
  if (!store) throw new Error("a reading field stands outside its pane's page");
  return { typed: useStore(store, { keys: [place], deps: [store, place], ssr: "initial" })[place], type: store.setKey };
}
