import { useState } from "react";
import { v7 as uuidv7 } from "uuid";
import type { Prefs } from "../../core/words/prefs.ts";
import { entriesBy, handOver } from "../log/new-entries.ts";
import { guarded } from "../ui/Guarded.tsx";
import { usePrefs } from "../ui/prefs.ts";

/** Opens a round: a name and a place. */
function NewRound({ prefs: initial }: { readonly prefs: Prefs }) {
  const prefs = usePrefs(initial);
  const [wrong, setWrong] = useState<string | null>(null);
  const open = async (form: FormData) => {
    const round = uuidv7();
    const told = { name: String(form.get("name")), place: String(form.get("place")) };
    const refused = await handOver([entriesBy(prefs.who)("round.opened", { round }, told)]);
    if (refused === null) location.assign(`/?round=${round}`);
    else setWrong(refused);
  };
  return (
    <form
      className="space-y-4"
      onSubmit={(e) => {
        e.preventDefault();
        void open(new FormData(e.currentTarget));
      }}
    >
      <label className="block">
        <span className="text-[13px] text-mute">What to call it</span>
        <input name="name" required maxLength={120} placeholder="Ottermole Row, after the hail" />
      </label>
      <label className="block">
        <span className="text-[13px] text-mute">Where</span>
        <input name="place" maxLength={200} placeholder="street or building" />
      </label>
      {wrong && (
        <p className="note-wax" role="alert">
          {wrong}
        </p>
      )}
      <button type="submit" className="btn btn-main w-full">
        Open the round
      </button>
    </form>
  );
}

export default guarded(NewRound, "A new round");
