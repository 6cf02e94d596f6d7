import { useState } from "react";
import { HOUSE_RULES, type HouseRule } from "../../core/house/rules.ts";
import { firmReads, type Prefs } from "../../core/words/prefs.ts";
import { entriesBy, handOver } from "../log/new-entries.ts";
import { guarded } from "../ui/Guarded.tsx";
import { changePrefs, usePrefs } from "../ui/prefs.ts";

const ASKED = [
  { rule: "readsIn", says: "The firm reads in", names: { mm: "millimetres", in: "inches" } },
  {
    rule: "speaks",
    says: "Its words are",
    names: { "bead and sprig": "bead, sprig, rebate, packer", "stop and point": "stop, point, rabbet, shim" },
  },
  {
    rule: "safetySet",
    says: "Safety glass is called for",
    names: { M: "by height above the floor and distance to a door", F: "by area, walkway and wet room" },
  },
] as const satisfies readonly { rule: HouseRule; says: string; names: Readonly<Record<string, string>> }[];

/** Asked once, when a firm begins: what everybody reads, and by which rules safety glass is called for. */
function FirstStart({ prefs: initial }: { readonly prefs: Prefs }) {
  const prefs = usePrefs(initial);
  const [wrong, setWrong] = useState<string | null>(null);
  const keep = async (form: FormData) => {
    const told = Object.fromEntries(ASKED.map((a) => [a.rule, String(form.get(a.rule))]));
    const entry = entriesBy(prefs.who);
    const refused = await handOver(
      ASKED.map((a) => entry("house.rule", {}, { rule: a.rule, value: told[a.rule] ?? HOUSE_RULES[a.rule].value })),
    );
    if (refused !== null) return setWrong(refused);
    changePrefs(
      prefs,
      firmReads({ readsIn: told["readsIn"], speaks: told["speaks"] } as Parameters<typeof firmReads>[0]),
    );
    location.assign("/rounds/new");
  };
  return (
    <form
      className="space-y-5"
      onSubmit={(e) => {
        e.preventDefault();
        void keep(new FormData(e.currentTarget));
      }}
    >
      {ASKED.map((a) => (
        <fieldset key={a.rule} className="space-y-2">
          <legend className="font-medium">{a.says}</legend>
          <div className="flex flex-wrap gap-2">
            {Object.entries(a.names).map(([value, name]) => (
              <label key={value} className="chip">
                <input type="radio" className="shrink-0" name={a.rule} value={value} required /> {name}
              </label>
            ))}
          </div>
        </fieldset>
      ))}
      <p className="text-mute">
        Guidance by common figures: the local code decides. Anybody may read otherwise, at the top of each page; the
        rest stands under <a href="/house">House rules</a>.
      </p>
      {wrong && (
        <p className="note-wax" role="alert">
          {wrong}
        </p>
      )}
      <p className="flex flex-wrap gap-3">
        <button type="submit" className="btn btn-main">
          Keep, and open a round
        </button>
        <a className="btn" href="/rounds/new">
          Later
        </a>
      </p>
    </form>
  );
}

export default guarded(FirstStart, "The first questions");
