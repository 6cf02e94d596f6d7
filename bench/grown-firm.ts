import { v7 as uuidv7 } from "uuid";
import { type Chance, seeded } from "../src/core/chance/seeded.ts";
import type { About } from "../src/core/log/kind-fact.ts";
import type { Entry, Kind, Payloads } from "../src/core/log/kinds.ts";
import type { Database } from "../src/db/database.ts";
import { insertEntries } from "../src/db/entry-log.ts";
import { bringTablesUp } from "../src/db/tables-made.ts";
import { LEANING } from "../tests/support/told.ts";

/** A made-up firm after years: rounds of so many panes, each with a history of readings, steps and an order. */
export type GrownFirm = {
  readonly rounds: readonly string[];
  readonly panes: readonly string[];
  readonly orders: readonly string[];
  readonly entries: number;
};

const SUPPLIERS = ["Copperbeech Glass", "Lanternfield Units", "Withy Lane Cutters", "Northgate Trade Glass"] as const;
const DAY_MS = 86_400_000;
const FROM = Date.UTC(2021, 0, 4, 8);

/** Writes it straight into the log, then has the tables made. Nine in ten panes are signed off. */
export function growFirm(
  db: Database,
  firm: { readonly rounds: number; readonly panesEach: number; readonly entriesEach: number },
): GrownFirm {
  const chance = seeded(20261127);
  const rounds: string[] = [];
  const panes: string[] = [];
  const orders: string[] = [];
  let entries = 0;
  let at = FROM;
  const perRound = (1900 * DAY_MS) / firm.rounds;
  const batch: Entry[] = [];
  const tell = <K extends Kind>(kind: K, about: About, payload: Payloads[K], who = "Nell Harrow") => {
    at += 1000;
    batch.push({
      id: uuidv7({ msecs: at }),
      at: new Date(at).toISOString(),
      who,
      about,
      kind,
      payload,
    } as unknown as Entry);
  };
  const flush = () => {
    entries += batch.length;
    const now = new Date(at).toISOString();
    db.transaction((tx) => void insertEntries(tx, batch, now));
    batch.length = 0;
  };
  for (const name of SUPPLIERS) tell("supplier.added", {}, { name, cuts: "all", unit: "mm", leadDays: 5 });
  for (let r = 0; r < firm.rounds; r++) {
    at = FROM + r * perRound;
    const round = uuidv7({ msecs: at });
    rounds.push(round);
    tell("round.opened", { round }, { name: `Round ${r + 1}`, place: "Ottermole" });
    for (let k = 0; k < 8; k++)
      tell("round.weather", {}, { day: dayAt(at + k * DAY_MS), wet: chance.uniform() < 0.4, lowC: 6 });
    for (let p = 0; p < firm.panesEach; p++)
      onePane({
        tell,
        chance,
        panes,
        orders,
        round,
        at: () => at,
        open: r === firm.rounds - 1 || chance.uniform() < 0.1,
        n: p,
        r,
        entriesEach: firm.entriesEach,
        size: () => batch.length,
      });
    flush();
  }
  bringTablesUp(db);
  return { rounds, panes, orders, entries };
}

/** One long round on top: its id, and the entry that opened it. */
export function growLongRound(db: Database, panes: number): { readonly id: string; readonly entry: string } {
  const id = uuidv7();
  const at = new Date(Date.UTC(2020, 0, 6, 8)).toISOString();
  const entry = (kind: Kind, about: About, payload: object): Entry =>
    ({ id: uuidv7(), at, who: "Nell Harrow", about, kind, payload }) as unknown as Entry;
  const opened = entry("round.opened", { round: id }, { name: "The long round", place: "" });
  const all: Entry[] = [opened];
  for (let p = 0; p < panes; p++) {
    const pane = uuidv7();
    all.push(
      entry(
        "pane.added",
        { pane },
        { round: id, address: `No. ${p}`, opening: "window", light: "", system: "timber-putty", side: "outside" },
      ),
      entry("look.damage", { pane }, { damage: ["cracked"] }),
    );
    for (const [place, text] of Object.entries(LEANING))
      all.push(entry("measure.reading", { pane }, { place, text: String(Number(text) + p), unit: "mm" }));
  }
  db.transaction((tx) => void insertEntries(tx, all, at));
  return { id, entry: opened.id };
}

type PaneOf = {
  readonly tell: <K extends Kind>(kind: K, about: About, payload: Payloads[K], who?: string) => void;
  readonly chance: Chance;
  readonly panes: string[];
  readonly orders: string[];
  readonly round: string;
  readonly at: () => number;
  readonly open: boolean;
  readonly n: number;
  readonly r: number;
  readonly entriesEach: number;
  readonly size: () => number;
};

function onePane(told: PaneOf): void {
  const { tell, chance, round } = told;
  const from = told.size();
  const pane = uuidv7({ msecs: told.at() + 1 });
  told.panes.push(pane);
  const who = chance.uniform() < 0.6 ? "Nell Harrow" : "Bram Tolley";
  tell(
    "pane.added",
    { pane },
    {
      round,
      address: `No. ${1 + (told.n % 20)}, lane ${told.r}`,
      opening: `window ${told.n}`,
      light: "",
      system: chance.uniform() < 0.6 ? "timber-putty" : "plastic-bead-inside",
      side: "outside",
    },
    who,
  );
  tell("look.damage", { pane }, { damage: ["cracked"] }, who);
  tell("look.cause", { pane }, { cause: "impact" }, who);
  tell("look.urgency", { pane }, { urgency: "this-week" }, who);
  const shift = Math.round(chance.uniform() * 300);
  for (const [place, text] of Object.entries(LEANING))
    tell(
      "measure.reading",
      { pane },
      { place: place as keyof typeof LEANING, text: String(Number(text) + shift), unit: "mm" },
      who,
    );
  tell("measure.reading", { pane }, { place: "rebate-depth", text: "10", unit: "mm" }, who);
  tell(
    "specify.glass",
    { pane },
    { kind: "float", thickness: { text: "4", unit: "mm" }, edges: "arrissed", pattern: "" },
    who,
  );
  const order = uuidv7({ msecs: told.at() + 2 });
  const line = uuidv7({ msecs: told.at() + 3 });
  told.orders.push(order);
  const supplier = SUPPLIERS[told.n % SUPPLIERS.length] ?? SUPPLIERS[0];
  tell("order.opened", { order }, { supplier, reference: `OR-${told.orders.length}` }, who);
  const size = { widthNm: (608 + shift) * 1e6, heightNm: (900 + shift) * 1e6, thicknessNm: 4e6 };
  const label = `window ${told.n}`;
  const more = { glass: "float", edges: "arrissed", pattern: "", label, grid: "1 mm" } as const;
  tell("order.line", { order, pane }, { line, ...size, ...more }, who);
  if (!told.open || chance.uniform() < 0.7) {
    const day = dayAt(told.at());
    tell("order.sent", { order }, { day, due: dayAt(told.at() + 7 * DAY_MS) }, who);
    if (!told.open) {
      tell("order.arrived", { order }, { day: dayAt(told.at() + 6 * DAY_MS) }, who);
      const came = (n: number) => ({ text: String(n + shift), unit: "mm" as const });
      tell("order.checked", { order }, { line, width: came(608), height: came(900), verdict: "accepted", reason: "" });
      tell("set.done", { pane }, { day, compound: "linseed", sprigs: 12 }, who);
      tell("finish.painted", { pane }, { day: dayAt(told.at() + 14 * DAY_MS) }, who);
      tell("signoff.signed", { pane }, { day: dayAt(told.at() + 14 * DAY_MS), told: true }, who);
    }
  }
  for (let i = told.size() - from; i < told.entriesEach - 1; i++)
    tell(
      "step.marked",
      { pane },
      { station: "takeout", step: `step ${i % 12}`, state: i % 5 === 4 ? "open" : "done", reason: "" },
      who,
    );
  tell("work.took", {}, { system: "timber-putty", station: "takeout", step: "sheet", minutes: 5, metres: null }, who);
}

const dayAt = (ms: number): string => new Date(ms).toISOString().slice(0, 10);
