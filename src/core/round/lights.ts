/**
 * Names for like panes of one sash: rows from the top, columns from the left. One alone keeps its name.
 * @example lightsOf("top sash", 1, 2) // "top sash, row 1, column 1", "top sash, row 1, column 2"
 */
export function lightsOf(light: string, rows: number, columns: number): readonly string[] {
  if (rows * columns === 1) return [light];
  return Array.from({ length: rows * columns }, (_, i) =>
    [light, `row ${Math.floor(i / columns) + 1}, column ${(i % columns) + 1}`].filter(Boolean).join(", "),
  );
}

const NUMBERED = /row (\d+), column \d+$/;

/** Which row of its sash a pane stands in, the first at the top; null where it is not one of several like panes. */
export function rowOf(light: string): number | null {
  const row = NUMBERED.exec(light)?.[1];
  return row === undefined ? null : Number(row);
}
