/**
 * A window's name in the lines that there is room for: its address, its opening, and which pane of it, each on a line of its
 * own and cut off where it is too long. Which pane it is stays to the last: it tells like panes of one sash apart.
 * @example nameLines("Net loft, harbour window, row 1, column 2", { letters: 18, lines: 3 }) // "Net loft", "harbour window", "row 1, column 2"
 */
export function nameLines(name: string, room: { readonly letters: number; readonly lines: number }): readonly string[] {
  const most = Math.max(3, room.letters);
  if (name.length <= most) return [name];
  const short = (text: string): string => (text.length > most ? `${text.slice(0, most - 1)}…` : text);
  const [address = "", opening = "", ...rest] = name.split(", ");
  // Of a long light the end tells most: which row and column it is.
  const light = rest.join(", ");
  const last = light.length > most && rest.length > 2 ? rest.slice(-2).join(", ") : light;
  const all = [address, opening, last].filter(Boolean);
  const lines = Math.max(1, room.lines);
  return (lines >= all.length ? all : [...all.slice(0, Math.max(0, lines - 1)), all.at(-1) ?? ""]).map(short);
}
