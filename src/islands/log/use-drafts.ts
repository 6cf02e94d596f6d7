import { useEffect } from "react";
import type { Place } from "../../core/measure/places.ts";
import { theCourier } from "./courier.ts";
import type { TypingStore } from "./typing.ts";

/** Nobody types faster than this for long: a draft is written once the fingers rest. */
const REST_MS = 200;

/** What is typed and not yet entered is kept on this device too: a page that dies gives it back when it is opened again. */
export function useDrafts(typing: TypingStore, prefix: string): void {
  useEffect(() => {
    const { outbox } = theCourier();
    let gone = false;
    void outbox
      .drafts(prefix)
      .then((kept) => {
        if (gone) return;
        for (const [place, text] of kept)
          if (typing.get()[place as Place] === undefined) typing.setKey(place as Place, text);
      })
      .catch(() => undefined);
    const timers = new Map<string, ReturnType<typeof setTimeout>>();
    const silence = typing.listen((all, _before, place) => {
      if (place === undefined) return;
      clearTimeout(timers.get(place));
      const text = all[place];
      const write = () => void outbox.draft(prefix + place, text ?? "").catch(() => undefined);
      // What was entered is an entry now: its draft goes at once.
      if (text === undefined) write();
      else timers.set(place, setTimeout(write, REST_MS));
    });
    return () => {
      gone = true;
      silence();
      for (const timer of timers.values()) clearTimeout(timer);
    };
  }, [typing, prefix]);
}
