import MiniSearch from "minisearch";
import { writeNumber } from "../core/tape/write.ts";
import { dayOf } from "../core/units/day.ts";
import { plainName } from "../core/window/opening-key.ts";
import { sayDate } from "../core/words/days.ts";
import type { Database } from "../db/database.ts";
import { logThrough } from "../db/entry-log.ts";
import { searchRows } from "../db/search-rows.ts";
import { loadFirm } from "./firm.ts";
import { theDatabase } from "./the-database.ts";

/** Something that was found, and where it leads. */
export type Found = {
  readonly id: string;
  readonly kind: "pane" | "order" | "customer" | "round";
  readonly says: string;
  readonly more: string;
  readonly href: string;
};

const MOST = 60;
type Doc = Found & { readonly words: string };

const kept = new WeakMap<Database, { readonly through: number; readonly index: MiniSearch<Doc> }>();

/** Numbers as they are typed: a telephone number is found with and without its spaces, a size by either of its sides. */
const numbers = (text: string): string => `${text} ${text.replace(/(?<=\d)[\s-]+(?=\d)/g, "")}`;

/** What can be found, made anew once something was written since. */
function indexOf(db: Database): MiniSearch<Doc> {
  const through = logThrough(db);
  const before = kept.get(db);
  if (before?.through === through) return before.index;
  const index = new MiniSearch<Doc>({
    fields: ["says", "words"],
    // "rd" finds "Road": words are kept as people mean them.
    processTerm: (term) => plainName(term) || null,
    storeFields: ["kind", "says", "more", "href"],
    searchOptions: {
      prefix: true,
      fuzzy: (term) => (/\d/.test(term) || term.length < 4 ? false : 0.25),
      combineWith: "AND",
      boost: { says: 2 },
    },
  });
  index.addAll(docsOf(db));
  kept.set(db, { through, index });
  return index;
}

function docsOf(db: Database): readonly Doc[] {
  const rows = searchRows(db);
  const { customers } = loadFirm(db).firm;
  const roundName = new Map(rows.rounds.map((r) => [r.id, r.name]));
  const sizes = new Map<string, string[]>();
  const refs = new Map<string, string[]>();
  const orderOf = new Map(rows.orders.map((o) => [o.id, o]));
  const add = (to: Map<string, string[]>, key: string, text: string) => to.set(key, [...(to.get(key) ?? []), text]);
  for (const l of rows.lines) {
    const text = (["mm", "in"] as const)
      .map((u) => `${writeNumber(l.width, u)} x ${writeNumber(l.height, u)}`)
      .join(" ");
    add(sizes, l.pane, text);
    add(sizes, l.order, text);
    add(refs, l.pane, [orderOf.get(l.order)?.reference, orderOf.get(l.order)?.supplier].filter(Boolean).join(" "));
  }
  const joined = (map: Map<string, string[]>, key: string): string => (map.get(key) ?? []).join(" ");
  return [
    ...rows.panes.map((p): Doc => {
      const c = customers.get(p.address);
      return {
        id: p.id,
        kind: "pane",
        says: [p.address, p.opening, p.light].filter(Boolean).join(", "),
        more: [roundName.get(p.round), p.signedDay && `signed off ${sayDate(dayOf(p.signedDay))}`]
          .filter(Boolean)
          .join(" · "),
        href: `/panes/${p.id}`,
        words: numbers(
          [joined(sizes, p.id), joined(refs, p.id), c?.name, c?.telephone, c?.keyHolder].filter(Boolean).join(" "),
        ),
      };
    }),
    ...rows.orders.map(
      (o): Doc => ({
        id: o.id,
        kind: "order",
        says: [o.supplier, o.reference].filter(Boolean).join(", "),
        more: o.stage,
        href: `/orders/${o.id}`,
        words: joined(sizes, o.id),
      }),
    ),
    ...[...customers.values()].map((c): Doc => {
      const first = rows.panes.find((p) => p.address === c.address);
      return {
        id: `customer ${c.address}`,
        kind: "customer",
        says: c.name || c.address,
        more: [c.address, c.telephone, c.keyHolder && `key: ${c.keyHolder}`].filter(Boolean).join(" · "),
        href: first ? `/panes/${first.id}` : "/",
        words: numbers(`${c.address} ${c.telephone} ${c.keyHolder}`),
      };
    }),
    ...rows.rounds.map(
      (r): Doc => ({ id: r.id, kind: "round", says: r.name, more: r.place, href: `/?round=${r.id}`, words: r.place }),
    ),
  ];
}

/**
 * Everything that has all of these words, or words near them, in it: addresses, customers, telephone and order numbers, sizes.
 * @example search("ottermole 607") // the pane of 607 × 899 in Ottermole Row
 */
export function search(text: string, db: Database = theDatabase()): readonly Found[] {
  const asked = text.trim().slice(0, 100);
  if (asked === "") return [];
  return indexOf(db)
    .search(asked.replace(/[×*]/g, " "))
    .slice(0, MOST)
    .map(({ id, kind, says, more, href }) => ({ id: String(id), kind, says, more, href }));
}
