import { useState } from "react";
import type { HouseRule } from "../../core/house/rules.ts";
import { NO_DETAILS } from "../../core/log/kinds/firm.ts";
import { namesIn, suppliersIn } from "../../core/round/first-start.ts";
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

/** Hours that stand in the form and are read there: Monday to Friday. */
const HOURS = { from: "08:00", to: "16:30" } as const;
const WEEKDAYS = [1, 2, 3, 4, 5];
const minutes = (text: string): number => {
  const [h = 0, m = 0] = text.split(":").map(Number);
  return h * 60 + m;
};

/** Asked once, when a firm begins: its name, what everybody reads, who works, whom it buys from. Each may be left out. */
function FirstStart({ prefs: initial }: { readonly prefs: Prefs }) {
  const prefs = usePrefs(initial);
  const [wrong, setWrong] = useState<string | null>(null);
  const keep = async (form: FormData) => {
    const text = (name: string): string => String(form.get(name) ?? "").trim();
    const suppliers = suppliersIn(text("suppliers"));
    if (!suppliers.ok) return setWrong(suppliers.says);
    const hours = { from: minutes(text("from")), to: minutes(text("to")) };
    const people = namesIn(text("people"));
    if (people.length > 0 && !(hours.from < hours.to)) return setWrong("A day's work ends after it begins.");
    const told = Object.fromEntries(ASKED.flatMap((a) => (text(a.rule) === "" ? [] : [[a.rule, text(a.rule)]])));
    const who = people[0] ?? prefs.who;
    const entry = entriesBy(who);
    const unit = told["readsIn"] === "in" ? ("in" as const) : ("mm" as const);
    const entries = [
      ...(text("firm") === "" ? [] : [entry("firm.details", {}, { ...NO_DETAILS, name: text("firm") })]),
      ...ASKED.flatMap((a) =>
        told[a.rule] ? [entry("house.rule", {}, { rule: a.rule, value: told[a.rule] ?? "" })] : [],
      ),
      ...people.map((name) => entry("plan.person", {}, { name, ...hours, weekdays: WEEKDAYS, skills: [] })),
      ...suppliers.value.map((s) => entry("supplier.added", {}, { ...s, cuts: "", unit })),
    ];
    const refused = entries.length === 0 ? null : await handOver(entries);
    if (refused !== null) return setWrong(refused);
    changePrefs(prefs, {
      ...firmReads({ readsIn: told["readsIn"], speaks: told["speaks"] } as Parameters<typeof firmReads>[0]),
      who,
    });
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
      <label className="block">
        <span className="font-medium">What the firm is called</span>
        <input name="firm" maxLength={200} autoComplete="organization" placeholder="as it stands on its papers" />
      </label>
      {ASKED.map((a) => (
        <fieldset key={a.rule} className="space-y-2">
          <legend className="font-medium">{a.says}</legend>
          <div className="flex flex-wrap gap-2">
            {Object.entries(a.names).map(([value, name]) => (
              <label key={value} className="chip">
                <input type="radio" className="shrink-0" name={a.rule} value={value} /> {name}
              </label>
            ))}
          </div>
        </fieldset>
      ))}
      <fieldset className="space-y-2">
        <legend className="font-medium">Who works here</legend>
        <textarea
          name="people"
          rows={2}
          maxLength={2000}
          aria-label="Names, one a line, yours first"
          placeholder="names, one a line, yours first"
          className="w-full"
        />
        <div className="flex flex-wrap items-center gap-2">
          <span>Monday to Friday, from</span>
          <input type="time" name="from" aria-label="from" defaultValue={HOURS.from} className="!w-32" />
          <span>to</span>
          <input type="time" name="to" aria-label="to" defaultValue={HOURS.to} className="!w-32" />
        </div>
      </fieldset>
      <label className="block">
        <span className="font-medium">Whom you buy glass from</span>
        <textarea
          name="suppliers"
          rows={2}
          maxLength={2000}
          placeholder="one a line, with the working days they take: Salt Lane, 3"
          className="w-full"
        />
      </label>
      <p className="text-mute">
        Guidance by common figures: the local code decides. Whatever is left out can be said later; anybody may read
        otherwise, at the top of each page, and the rest stands under <a href="/house">House rules</a>.
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
