import { useState } from "react";
import { v7 as uuidv7 } from "uuid";
import type { EntryOf } from "../../core/log/kinds.ts";
import type { Prefs } from "../../core/words/prefs.ts";
import { usePrefs } from "../parts/prefs.ts";
import { sendEntries } from "../parts/send.ts";

/** Opens a round: a name and a place. */
export default function NewRound({ prefs: initial }: { readonly prefs: Prefs }) {
  const prefs = usePrefs(initial);
  const [wrong, setWrong] = useState<string | null>(null);
  const open = async (form: FormData) => {
    const round = uuidv7();
    const entry: EntryOf<"round.opened"> = {
      id: uuidv7(),
      at: new Date().toISOString(),
      who: prefs.who,
      about: { round },
      kind: "round.opened",
      payload: { name: String(form.get("name")), place: String(form.get("place")) },
    };
    const sent = await sendEntries([entry]);
    if (sent.kind === "stored") location.assign(`/?round=${round}`);
    else
      setWrong(
        "message" in sent ? sent.message : "No answer from the server. What you typed is still here: try again.",
      );
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
