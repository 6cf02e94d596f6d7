import type { PaneBook } from "../pane/book.ts";
import type { PaneVisit } from "../pane/pane-visit.ts";
import { mayText } from "../plan/licence.ts";
import type { WeekPerson } from "../plan/week.ts";

type May = Pick<WeekPerson, "name" | "skills">;

/**
 * What everybody may do: what the list of people says, and what they are named for at a pane as whoever is licensed for it.
 * @example a fire door "done by Osric Vane, no. 7", and Osric Vane on the list // he may glaze fire doors
 */
export function whoMay<P extends May>(people: readonly P[], books: readonly PaneBook[]): readonly P[] {
  const named = books.filter((b) => b.before.special.length > 0 && b.before.licensed.trim() !== "");
  return people.map((p) => {
    const licences = named.flatMap((b) => (names(b.before.licensed, p.name) ? b.before.special : []));
    return licences.length > 0 ? { ...p, skills: [...new Set([...p.skills, ...licences])] } : p;
  });
}

/** Whether a text names somebody, in whatever letters. @example "by Nell Harrow, no. 4" names "Nell Harrow", "Nelly" does not name "Nell" */
function names(text: string, name: string): boolean {
  const escaped = name.trim().replace(/[.*+?^${}()|[\]\\]/g, "\\$&");
  return new RegExp(`(?<![\\p{L}\\p{N}])${escaped}(?![\\p{L}\\p{N}])`, "iu").test(text);
}

/** What a visit wants of whoever does it, and what nobody on the list is said to be licensed for: that is told, and holds no day. */
export type Wanted = { readonly skills: readonly string[]; readonly nobody: readonly string[] };

/**
 * A licence binds the plan where somebody of the firm has it; where nobody is said to, whoever approved it or is asked from
 * outside decides, and the visit says so.
 */
export function wantedOf(visit: Pick<PaneVisit, "skills">, people: readonly May[]): Wanted {
  const held = (skill: string): boolean => people.some((p) => p.skills.includes(skill));
  return {
    skills: visit.skills.filter(held),
    // That nobody is said to be trained for ladders is no news: most firms never write it down.
    nobody: visit.skills.filter((s) => !held(s) && s !== "height"),
  };
}

/**
 * What is said where nobody on the list has the licence.
 * @example a fire door, approved by Osric Vane // "Nobody on the plan is said to be licensed to work on fire doors …: it is done or approved by Osric Vane."
 */
export function unlicensedText(nobody: readonly string[], licensed: string): string | null {
  if (nobody.length === 0) return null;
  const what = nobody.map(mayText).join(" and ");
  const by = licensed.trim()
    ? `it is done or approved by ${licensed.trim()}.`
    : "say who is, under who works, or who is asked from outside. Your local rules decide.";
  return `Nobody on the plan is said to be licensed to ${what}: ${by}`;
}
