import type { Payloads } from "../core/log/kinds.ts";
import type { Place } from "../core/measure/places.ts";
import type { Circumstance, Way } from "../core/measure/ways.ts";
import type { Station } from "../core/plan/stations.ts";
import type { LengthUnit } from "../core/units/length.ts";
import type { Story } from "./story.ts";

const PLACE_OF = {
  w: ["width-top", "width-middle", "width-bottom"],
  h: ["height-left", "height-middle", "height-right"],
  up: ["diagonal-up"],
  down: ["diagonal-down"],
  depth: ["rebate-depth"],
  width: ["rebate-width"],
  sill: ["sill-height"],
  door: ["door-distance"],
  oldW: ["old-width"],
  oldH: ["old-height"],
  oldT: ["old-thickness"],
  insertW: ["insert-outside-width"],
  insertH: ["insert-outside-height"],
  doorT: ["door-thickness"],
  unitT: ["unit-thickness"],
  paneT: ["pane-thickness"],
} as const satisfies Record<string, readonly Place[]>;

export type Readings = { readonly [K in keyof typeof PLACE_OF]?: readonly string[] | string };

/** One pane of the demo round, told in the words of the trade. */
export class ToldPane {
  readonly id: string;
  readonly #story: Story;
  readonly #unit: LengthUnit;
  #sure: Circumstance | null = null;

  constructor(story: Story, unit: LengthUnit, added: Payloads["pane.added"]) {
    this.#story = story;
    this.#unit = unit;
    this.id = story.id();
    story.tell("pane.added", { pane: this.id }, added);
  }

  get about() {
    return { pane: this.id };
  }

  looked(
    damage: Payloads["look.damage"]["damage"],
    cause: Payloads["look.cause"]["cause"],
    urgency: Payloads["look.urgency"]["urgency"],
    storey: number,
  ): this {
    this.#story.tell("look.damage", this.about, { damage });
    this.#story.tell("look.cause", this.about, { cause });
    this.#story.tell("look.urgency", this.about, { urgency });
    this.#story.tell("look.building", this.about, { year: 1887, storey });
    return this;
  }

  /** The customer wants it so many days from today. */
  wanted(inDays: number): this {
    this.#story.tell("look.wants", this.about, { by: this.#story.day(inDays), mustLock: false, minds: "" });
    return this;
  }

  /** In what state of the frame the readings that follow are taken. */
  from(state: Circumstance): this {
    this.#sure = state;
    this.#story.tell("measure.circumstance", this.about, { state });
    return this;
  }

  by(way: Way): this {
    this.#story.tell("measure.way", this.about, { way });
    return this;
  }

  read(readings: Readings): this {
    if (this.#sure === null) this.from("cleared");
    for (const [key, given] of Object.entries(readings) as [keyof Readings, readonly string[] | string][]) {
      const texts = typeof given === "string" ? [given] : given;
      texts.forEach((text, i) => {
        const place = PLACE_OF[key][i];
        if (place)
          this.#story.tell("measure.reading", this.about, {
            place,
            text,
            unit: this.#unit,
            sure: this.#sure ?? undefined,
          });
      });
    }
    return this;
  }

  did(station: Station, ...steps: readonly string[]): this {
    for (const step of steps) this.#story.tell("step.marked", this.about, { station, step, state: "done", reason: "" });
    return this;
  }

  glass(kind: Payloads["specify.glass"]["kind"], thickness: string, pattern = ""): this {
    this.#story.tell("specify.glass", this.about, {
      kind,
      thickness: { text: thickness, unit: "mm" },
      edges: "arrissed",
      pattern,
    });
    return this;
  }

  at(where: Partial<Payloads["specify.location"]>): this {
    this.#story.tell("specify.location", this.about, {
      inDoor: false,
      wetRoom: false,
      stairs: false,
      walkway: false,
      ...where,
    });
    return this;
  }

  note(station: Station, text: string): this {
    this.#story.tell("note.written", this.about, { station, text });
    return this;
  }
}
