/** A supplier as it is told on the first day: who, and how many working days they take. */
export type ToldSupplier = { readonly name: string; readonly leadDays: number };

const lines = (text: string): readonly string[] =>
  text
    .split("\n")
    .map((l) => l.trim().replace(/\s+/g, " "))
    .filter((l) => l !== "");

/** Names, one a line; one that is there twice counts once. @example "Ada\n\n Bram \nAda" // ["Ada", "Bram"] */
export const namesIn = (text: string): readonly string[] => [...new Set(lines(text).map((l) => l.slice(0, 60)))];

/**
 * Suppliers, one a line, each with its working days behind a comma.
 * @example "Salt Lane Glass, 3\nFen End, 8 days" // Salt Lane Glass in 3, Fen End in 8
 * @returns a sentence that says what is missing, where a line has no days
 */
export function suppliersIn(
  text: string,
): { readonly ok: true; readonly value: readonly ToldSupplier[] } | { readonly ok: false; readonly says: string } {
  const found: ToldSupplier[] = [];
  for (const line of lines(text)) {
    const read = /^(.*\S)\s*,\s*(\d{1,3})(?:\s*(?:working )?days?)?$/i.exec(line);
    const [, name = "", days = ""] = read ?? [];
    if (!read || Number(days) > 365)
      return {
        ok: false,
        says: `“${line}”: put a comma and how many working days they take behind the name, like “Salt Lane, 3”.`,
      };
    found.push({ name: name.slice(0, 120), leadDays: Number(days) });
  }
  return { ok: true, value: found };
}
