import type { About } from "../core/log/kind-fact.ts";
import type { Entry, EntryOf, Kind, Payloads } from "../core/log/kinds.ts";
import { addDays, type Day, writeDay } from "../core/units/day.ts";

export type Glazier = "Nell Harrow" | "Bram Tolley";

/** Writes made-up entries in the order they are told, each a little after the one before. */
export class Story {
  readonly entries: Entry[] = [];
  readonly #today: Day;
  #count = 0;
  #day = 0;
  #minute = 0;
  #who: Glazier = "Nell Harrow";

  constructor(today: Day) {
    this.#today = today;
  }

  /** From here on: so many days before (or after) today, from this hour, written by whom. */
  on(daysFromToday: number, hour: number, who: Glazier): this {
    this.#day = daysFromToday;
    this.#minute = hour * 60;
    this.#who = who;
    return this;
  }

  day(daysFromToday: number): string {
    return writeDay(addDays(this.#today, daysFromToday));
  }

  id(): string {
    this.#count++;
    return uuidFrom(this.#at(), this.#count);
  }

  tell<K extends Kind>(kind: K, about: About, payload: Payloads[K]): EntryOf<K> {
    this.#minute += 1;
    const entry = { id: this.id(), at: this.#at(), who: this.#who, about, kind, payload } as EntryOf<K>;
    this.entries.push(entry as unknown as Entry);
    return entry;
  }

  #at(): string {
    const hours = String(Math.floor(this.#minute / 60)).padStart(2, "0");
    const minutes = String(this.#minute % 60).padStart(2, "0");
    return `${this.day(this.#day)}T${hours}:${minutes}:00.000Z`;
  }
}

/** A UUID of version 7 from a time and a count: the same story has the same ids every time it is told. */
function uuidFrom(at: string, count: number): string {
  const time = Date.parse(at).toString(16).padStart(12, "0");
  const tail = count.toString(16).padStart(12, "0");
  return `${time.slice(0, 8)}-${time.slice(8)}-7000-8000-${tail}`;
}
