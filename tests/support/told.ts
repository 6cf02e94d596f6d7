import type { About } from "../../src/core/log/kind-fact.ts";
import type { Entry, EntryOf, Kind, Payloads } from "../../src/core/log/kinds.ts";

/** A UUID of version 7 that says its number. @example uuid(7) // "00000000-0000-7000-8000-000000000007" */
export const uuid = (n: number): string => `00000000-0000-7000-8000-${n.toString(16).padStart(12, "0")}`;

export const ROUND = uuid(0xa0);
export const PANE = uuid(0xb0);
export const ORDER = uuid(0xc0);

/** Writes entries a minute apart, from 08:00 on 4 May 2026, with ids that count. */
export class Teller {
  readonly entries: Entry[] = [];
  #n = 0;
  readonly #from: number;

  constructor(from = 1) {
    this.#from = from;
  }

  tell<K extends Kind>(kind: K, payload: Payloads[K], about: About = { pane: PANE }, who = "Nell"): EntryOf<K> {
    const n = this.#from + this.#n++;
    const at = new Date(Date.UTC(2026, 4, 4, 8, n)).toISOString();
    const entry = { id: uuid(n), at, who, about, kind, payload } as EntryOf<K>;
    this.entries.push(entry as unknown as Entry);
    return entry;
  }

  /** The same, to go on from. */
  also<K extends Kind>(kind: K, payload: Payloads[K], about: About = { pane: PANE }): this {
    this.tell(kind, payload, about);
    return this;
  }

  opened(): this {
    this.tell("round.opened", { name: "A round", place: "" }, { round: ROUND });
    return this;
  }

  added(
    pane = PANE,
    system: Payloads["pane.added"]["system"] = "timber-putty",
    side: Payloads["pane.added"]["side"] = "outside",
  ): this {
    this.tell(
      "pane.added",
      { round: ROUND, address: "No. 5", opening: "back bedroom", light: "lower sash", system, side },
      { pane },
    );
    return this;
  }

  read(
    readings: Readonly<Partial<Record<Payloads["measure.reading"]["place"], string>>>,
    unit: "mm" | "in" = "mm",
  ): this {
    for (const [place, text] of Object.entries(readings))
      this.tell("measure.reading", { place: place as Payloads["measure.reading"]["place"], text, unit });
    return this;
  }

  strike(target: Entry, reason = "wrong", who = "Nell"): EntryOf<"struck"> {
    return this.tell("struck", { entry: target.id, reason }, target.about, who);
  }
}

/** The leaning opening that the drawings and the README show. */
export const LEANING = {
  "width-top": "612",
  "width-middle": "611.5",
  "width-bottom": "613",
  "height-left": "904",
  "height-middle": "904.5",
  "height-right": "903",
  "diagonal-up": "1089",
  "diagonal-down": "1091.5",
} as const;

/** An opening as square as a tape can tell, 600 by 900: both corners are √(600² + 900²). */
export const SQUARE = {
  "width-top": "600",
  "width-middle": "600",
  "width-bottom": "600",
  "height-left": "900",
  "height-middle": "900",
  "height-right": "900",
  "diagonal-up": "1081.7",
  "diagonal-down": "1081.7",
} as const;

/** A line as it stands on an order: the leaning opening's glass. */
export const ORDER_LINE = {
  line: uuid(0xd0),
  widthNm: 608_000_000,
  heightNm: 900_000_000,
  thicknessNm: 4_000_000,
  glass: "float",
  edges: "arrissed",
  pattern: "",
  label: "No. 5",
  grid: "1 mm",
} as const;
