import { DETAILS, type Detail } from "../../core/frame/detail.ts";
import { detailOf, detailsAsked } from "../../core/frame/told-detail.ts";
import { FRONTS, type Front } from "../../core/takeout/facts.ts";
import { FRONT_FACTS } from "../../core/takeout/front-steps.ts";
import { Fold } from "../panels/Fold.tsx";
import { usePane } from "../panels/pane-context.ts";
import { PickOne } from "../ui/PickOne.tsx";

/** What becomes of a thing that hung in front. */
const FATES = [
  ["back", "goes back"],
  ["thrown", "thrown out"],
] as const;

/** What differs within the system and changes the steps. */
export function Details() {
  const { book, say, write } = usePane();
  const { system } = book.added;
  const now = detailOf(system, book.before.detail);
  const asked = detailsAsked(
    system,
    book.before.detail,
    book.damage.some((d) => d === "holed" || d === "standing"),
  );
  if (asked.length === 0) return null;
  return (
    <div className="grid grid-cols-2 gap-2">
      {asked.map((name) => (
        <PickOne
          key={name}
          name={say(DETAILS[name].name)}
          of={Object.entries(DETAILS[name].of).map(([value, says]) => [value, say(says)] as const)}
          value={now[name]}
          change={(value) => write("takeout.detail", { [name]: value } as Partial<Detail>)}
        />
      ))}
    </div>
  );
}

/** What stands in front, where it is put, and whether it goes back. */
export function InFront() {
  const { book, say, write } = usePane();
  const front = book.before.front;
  const set = (to: typeof front) => write("takeout.front", { front: to });
  const toggle = (what: Front) =>
    set(
      front.some((f) => f.what === what)
        ? front.filter((f) => f.what !== what)
        : [...front, { what, kept: "", fate: "back" }],
    );
  return (
    <Fold
      title="What stands in front"
      more={
        front.length > 0
          ? front.map((f) => say(FRONT_FACTS[f.what].name)).join(", ")
          : "storm pane, screen, blind, grille"
      }
    >
      <div className="flex flex-wrap gap-2">
        {FRONTS.map((f) => (
          <label key={f} className="chip">
            <input type="checkbox" checked={front.some((x) => x.what === f)} onChange={() => toggle(f)} />
            {say(FRONT_FACTS[f].name)}
          </label>
        ))}
      </div>
      {front.map((f) => (
        <div key={f.what} className="grid grid-cols-[1fr_auto] items-end gap-2">
          <label>
            <span className="text-[13px] text-mute">{say(FRONT_FACTS[f.what].name)}: put where</span>
            <input
              key={f.kept}
              maxLength={200}
              defaultValue={f.kept}
              onBlur={(e) =>
                e.target.value !== f.kept &&
                set(front.map((x) => (x.what === f.what ? { ...x, kept: e.target.value } : x)))
              }
            />
          </label>
          <PickOne
            name={`${say(FRONT_FACTS[f.what].name)}: its fate`}
            quiet
            of={FATES}
            value={f.fate}
            change={(fate) => set(front.map((x) => (x.what === f.what ? { ...x, fate } : x)))}
            className="sm:!w-auto"
          />
        </div>
      ))}
    </Fold>
  );
}
