import { and, asc, desc, eq, getTableColumns, inArray, isNotNull, isNull, lt, ne, or, sql } from "drizzle-orm";
import type { Cause } from "../core/look/damage.ts";
import { type Pence, sumOf } from "../core/money/pence.ts";
import type { PanePlace } from "../core/page/pane-page.ts";
import { THE_HOUSE } from "../core/people/the-house.ts";
import type { BoardFacts } from "../core/round/board-facts.ts";
import type { Makeup } from "../core/specify/makeup.ts";
import type { Database, Running } from "./database.ts";
import { oncePer } from "./once-per.ts";
import { orderLines, orders, panes, people, rounds, suppliers } from "./schema.ts";

/** What one page shows of an address, and of a firm's people, at the most. */
const MOST_NEIGHBOURS = 40;
const MOST_PEOPLE = 60;

/* Named with their tables: in a query of one table a column would stand without. */
const PANES = sql<number>`(select count(*) from panes where panes.round = rounds.id)`;

export type RoundRow = typeof rounds.$inferSelect;
export type PaneRow = typeof panes.$inferSelect;

/** Newest first. */
export const listRounds = (db: Database): readonly RoundRow[] =>
  db.select().from(rounds).orderBy(desc(rounds.openedAt), asc(rounds.id)).all();

/** The same with how many panes each has, a page of them. */
export const pageOfRounds = (db: Database, page: { readonly most: number; readonly from: number }) =>
  db
    .select({
      ...getTableColumns(rounds),
      panes: PANES,
    })
    .from(rounds)
    .orderBy(desc(rounds.openedAt), asc(rounds.id))
    .limit(page.most)
    .offset(page.from)
    .all();

export const countRounds = (db: Database): number => db.select({ n: sql<number>`count(*)` }).from(rounds).get()?.n ?? 0;

export const roundById = (db: Database, id: string): RoundRow | undefined =>
  db.select().from(rounds).where(eq(rounds.id, id)).get();

/** In the order in which they were added, which is the order of the walk. */
export const panesOfRound = (db: Database, round: string): readonly PaneRow[] => ofRound(db).all({ round });

const ofRound = oncePer((db) =>
  db
    .select()
    .from(panes)
    .where(eq(panes.round, sql.placeholder("round")))
    .orderBy(asc(panes.addedAt), asc(panes.id))
    .prepare(),
);

/** The same with where each is, and nothing else: for the page of one of them. */
export const placesOfRound = (db: Database, round: string): readonly PanePlace[] => placesIn(db).all({ round });

const placesIn = oncePer((db) =>
  db
    .select({ id: panes.id, address: panes.address, opening: panes.opening, light: panes.light })
    .from(panes)
    .where(eq(panes.round, sql.placeholder("round")))
    .orderBy(asc(panes.addedAt), asc(panes.id))
    .prepare(),
);

/** Why other panes at an address failed, and what their units are made of, as told. */
export const neighboursOf = (
  db: Database,
  address: string,
  except: string,
): readonly {
  readonly pane: string;
  readonly label: string;
  readonly cause: Cause | null;
  readonly makeup: Makeup | null;
}[] =>
  db
    .select({ id: panes.id, opening: panes.opening, light: panes.light, cause: panes.cause, makeup: panes.makeup })
    .from(panes)
    .where(and(eq(panes.address, address), ne(panes.id, except), or(isNotNull(panes.cause), isNotNull(panes.makeup))))
    .orderBy(desc(panes.through))
    .limit(MOST_NEIGHBOURS)
    .all()
    .map((p) => ({
      pane: p.id,
      label: [p.opening, p.light].filter(Boolean).join(", "),
      cause: p.cause as Cause | null,
      makeup: p.makeup as Makeup | null,
    }));

export const countPanes = (db: Running, round: string): number =>
  db.select({ n: sql<number>`count(*)` }).from(panes).where(eq(panes.round, round)).get()?.n ?? 0;

export const paneById = (db: Database, id: string): PaneRow | undefined => byId(db).get({ id });

const byId = oncePer((db) =>
  db
    .select()
    .from(panes)
    .where(eq(panes.id, sql.placeholder("id")))
    .prepare(),
);

export const listSuppliers = (db: Database) => db.select().from(suppliers).orderBy(asc(suppliers.name)).all();

/** Everybody who ever wrote in the log, who wrote most first. */
export const listPeople = (db: Database): readonly string[] =>
  whoWrote(db)
    .all()
    .map((r) => r.who);

const whoWrote = oncePer((db) =>
  db
    .select({ who: people.who })
    .from(people)
    .where(ne(people.who, THE_HOUSE))
    .orderBy(desc(people.entries), asc(people.who))
    .limit(MOST_PEOPLE)
    .prepare(),
);

/** Sizes of other panes of a round as they stand on orders. */
export const sizesOfRound = (
  db: Database,
  round: string,
  except: string,
): readonly {
  readonly label: string;
  readonly widthNm: number;
  readonly heightNm: number;
  readonly signedDay: string | null;
}[] =>
  db
    .select({
      label: orderLines.label,
      widthNm: orderLines.widthNm,
      heightNm: orderLines.heightNm,
      signedDay: panes.signedDay,
    })
    .from(orderLines)
    .innerJoin(panes, eq(panes.id, orderLines.pane))
    .where(and(eq(panes.round, round), ne(panes.id, except), ne(orderLines.state, "dropped")))
    .all();

/** The panes of a round that are not signed off. */
export const unsignedOfRound = (db: Database, round: string): ReadonlySet<string> =>
  new Set(
    db
      .select({ id: panes.id })
      .from(panes)
      .where(and(eq(panes.round, round), isNull(panes.signedDay)))
      .all()
      .map((p) => p.id),
  );

/** What the board says of each pane that is not signed off, oldest first. */
export const openFacts = (db: Database): readonly { readonly id: string; readonly facts: BoardFacts }[] =>
  db
    .select({ id: panes.id, facts: panes.facts })
    .from(panes)
    .where(isNull(panes.signedDay))
    .orderBy(asc(panes.addedAt), asc(panes.id))
    .all() as { id: string; facts: BoardFacts }[];

/** What was acknowledged for orders that hold panes of a round, before tax: the newest word on each. */
export const acknowledgedOfRound = (db: Database, round: string): Pence =>
  sumOf(
    db
      .select({ pence: orders.acknowledgedPence })
      .from(orders)
      .where(
        inArray(
          orders.id,
          db
            .select({ id: orderLines.order })
            .from(orderLines)
            .innerJoin(panes, eq(panes.id, orderLines.pane))
            .where(eq(panes.round, round)),
        ),
      )
      .all()
      .flatMap((o) => o.pence ?? []),
  );

/** Panes of the same address, opening and light that were added before this one, the newest first. */
export const sameOpening = (db: Database, row: PaneRow): readonly string[] =>
  db
    .select({ id: panes.id })
    .from(panes)
    .where(and(eq(panes.place, row.place), ne(panes.id, row.id), lt(panes.addedAt, row.addedAt)))
    .orderBy(desc(panes.addedAt))
    .limit(3)
    .all()
    .map((r) => r.id);

/** The round that a pane was added to. */
export const roundOfPane = (db: Running, pane: string): string | undefined =>
  db.select({ round: panes.round }).from(panes).where(eq(panes.id, pane)).get()?.round;

/** Panes that are not signed off, or still wait for paint; the oldest first. */
export const unfinishedPanes = (
  db: Running,
  most: number,
): readonly { readonly id: string; readonly through: number }[] =>
  db
    .select({ id: panes.id, through: panes.through })
    .from(panes)
    .where(sql`${panes.signedDay} is null or ${panes.facts} ->> '$.unpainted' is not null`)
    .orderBy(asc(panes.addedAt))
    .limit(most)
    .all();
