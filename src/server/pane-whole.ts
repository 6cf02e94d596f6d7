import type { z } from "zod";
import type { GetPane, GetRound } from "../contract/panes.ts";
import { withFirm } from "../core/firm/firm.ts";
import { byPane } from "../core/log/by-pane.ts";
import type { Entry } from "../core/log/kinds.ts";
import { foldPane } from "../core/pane/book.ts";
import { reckon } from "../core/pane/reckoning.ts";
import { fail, ok } from "../core/result.ts";
import { sharedFindBest } from "../core/size/shared-best.ts";
import { nm } from "../core/units/length.ts";
import { type WholeBy, wholePane } from "../core/words/whole-pane.ts";
import { entriesOfPane, entriesOfPanes } from "../db/entry-log.ts";
import { paneById, placesOfRound, roundById, sizesOfRound } from "../db/lists.ts";
import { loadFirm } from "./firm.ts";
import type { Outcome } from "./http/endpoint.ts";
import { theDatabase } from "./the-database.ts";
import { today } from "./today.ts";

type WholePane = z.output<typeof GetPane.output>;
type Asked = Pick<WholeBy, "unit" | "dialect">;

/** Everything the page of a pane knows, as data. */
export function paneWhole(given: { readonly id: string } & Asked): Outcome<WholePane> {
  const db = theDatabase();
  const row = paneById(db, given.id);
  const whole = row && wholeOf(given.id, entriesOfPane(db, given.id), given, row.round);
  if (!whole)
    return fail({
      status: 404,
      code: "unknown-id",
      message: `There is no pane ${given.id}. See / for those there are.`,
    });
  return ok(whole);
}

const PANES_AT_ONCE = 200;

export function roundWhole(
  given: { readonly id: string; readonly from: number } & Asked,
): Outcome<z.output<typeof GetRound.output>> {
  const db = theDatabase();
  const round = roundById(db, given.id);
  if (!round)
    return fail({
      status: 404,
      code: "unknown-id",
      message: `There is no round ${given.id}. See / for those there are.`,
    });
  const ids = placesOfRound(db, given.id).map((p) => p.id);
  const some = ids.slice(given.from, given.from + PANES_AT_ONCE);
  const entriesFor = byPane(entriesOfPanes(db, some));
  return ok({
    id: round.id,
    name: round.name,
    place: round.place,
    count: ids.length,
    panes: some.flatMap((p) => wholeOf(p, entriesFor(p), given, given.id) ?? []),
  });
}

function wholeOf(id: string, entries: readonly Entry[], by: Asked, round: string): WholePane | null {
  const db = theDatabase();
  const book = foldPane(id, entries);
  if (!book) return null;
  const r = reckon(book, withFirm(loadFirm(db).firm, sharedFindBest));
  const others = sizesOfRound(db, round, id).map((o) => ({
    label: o.label,
    width: nm(o.widthNm),
    height: nm(o.heightNm),
  }));
  return structuredClone(
    wholePane(book, r, { unit: by.unit, dialect: by.dialect, today: today(), nowMs: Date.now(), others }),
  ) as unknown as WholePane;
}
