import type { entries } from "./schema.ts";

type Row = typeof entries.$inferSelect;

/**
 * An entry's row from its cells in the order of the table's columns, as the file gives them. Whole logs are read by it: to have
 * each cell taken through its column first is a fifth of the time in which the tables are made again, and changes nothing, as
 * these columns are texts and whole numbers.
 */
export function rowOfCells(cells: unknown): Row {
  const [seq, id, at, who, kind, round, pane, order, payload, receivedAt, clock, seen, v] = cells as CellsOf;
  return { seq, id, at, who, kind, round, pane, order, payload, receivedAt, clock, seen, v };
}

type CellsOf = readonly [
  Row["seq"],
  Row["id"],
  Row["at"],
  Row["who"],
  Row["kind"],
  Row["round"],
  Row["pane"],
  Row["order"],
  Row["payload"],
  Row["receivedAt"],
  Row["clock"],
  Row["seen"],
  Row["v"],
];
