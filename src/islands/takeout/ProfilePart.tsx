import {
  GAVE,
  GAVE_FACTS,
  type Profile,
  TURNED,
  TURNED_NAMES,
  UNHOOKS,
  UNHOOKS_FACTS,
} from "../../core/takeout/profile.ts";
import { beadTurned, TURNED_BOX } from "../../drawing/bead-turned.ts";
import { Fold } from "../panels/Fold.tsx";
import { usePane } from "../panels/pane-context.ts";

const UNKNOWN = { unhooks: null, gave: null, tape: null, brittle: false, lesson: "" } as const;

/** What the firm knows of this frame's profile: how its beads unhook, where they gave, what to mind next time. */
export function ProfilePart() {
  const { book, reckoning: r, firm, say, write, writeFirm } = usePane();
  const name = book.before.profile;
  const now: Profile = r.profile ?? { profile: name, ...UNKNOWN };
  const change = (to: Partial<Profile>) => writeFirm("profile.known", { ...now, ...to });
  return (
    <Fold title="This frame's profile" more={name || say("remembered for the next one like it")}>
      <label className="block">
        <span className="text-[13px] text-mute">What you call it: a stamp in the frame, a shape, a street</span>
        <input
          key={name}
          list="profiles-known"
          maxLength={60}
          defaultValue={name}
          placeholder="ovolo, two chambers"
          onBlur={(e) => {
            const profile = e.target.value.trim();
            if (profile !== name) write("takeout.profile", { profile });
          }}
        />
        <datalist id="profiles-known">
          {[...firm.profiles.keys()].map((p) => (
            <option key={p} value={p} />
          ))}
        </datalist>
      </label>
      {name && (
        <>
          <fieldset>
            <legend className="text-[13px] text-mute">{say("The {bead} comes away")}</legend>
            <div className="flex flex-wrap gap-1.5">
              {UNHOOKS.map((u) => (
                <label key={u} className="chip">
                  <input
                    type="radio"
                    name="unhooks"
                    checked={now.unhooks === u}
                    onChange={() => change({ unhooks: u })}
                  />
                  {UNHOOKS_FACTS[u].name}
                </label>
              ))}
            </div>
          </fieldset>
          <fieldset>
            <legend className="text-[13px] text-mute">It gave first</legend>
            <div className="flex flex-wrap gap-1.5">
              {GAVE.map((g) => (
                <label key={g} className="chip">
                  <input type="radio" name="gave" checked={now.gave === g} onChange={() => change({ gave: g })} />
                  {GAVE_FACTS[g].name}
                </label>
              ))}
            </div>
          </fieldset>
          <fieldset>
            <legend className="text-[13px] text-mute">Which way round it goes</legend>
            <div className="flex flex-wrap gap-1.5">
              {TURNED.map((t) => {
                const d = beadTurned(t);
                return (
                  <label key={t} className="chip">
                    <input
                      type="radio"
                      name="turned"
                      checked={now.turned === t}
                      onChange={() => change({ turned: t })}
                    />
                    <svg
                      viewBox={`0 0 ${TURNED_BOX.width} ${TURNED_BOX.height}`}
                      className="w-16 bg-sheet"
                      aria-hidden="true"
                    >
                      <path d={d.glass} className="d-pane" />
                      <path d={d.bead} className="d-face" />
                      <path d={d.arrow} className="d-asked" fill="none" />
                    </svg>
                    {TURNED_NAMES[t]}
                  </label>
                );
              })}
            </div>
          </fieldset>
          <div className="flex flex-wrap gap-1.5">
            <label className="chip">
              <input
                type="checkbox"
                checked={now.tape === "thick"}
                onChange={(e) => change({ tape: e.target.checked ? "thick" : "thin" })}
              />
              thick tape behind it
            </label>
            <label className="chip">
              <input type="checkbox" checked={now.brittle} onChange={(e) => change({ brittle: e.target.checked })} />
              brittle
            </label>
          </div>
          <label className="block">
            <span className="text-[13px] text-mute">For whoever meets the next one</span>
            <input
              key={now.lesson}
              maxLength={200}
              defaultValue={now.lesson}
              onBlur={(e) => e.target.value !== now.lesson && change({ lesson: e.target.value })}
            />
          </label>
        </>
      )}
    </Fold>
  );
}

/** A lesson from another window of this profile. */
export function ProfileLesson() {
  const { reckoning: r } = usePane();
  if (!r.profile?.lesson) return null;
  return (
    <p className="note-glass">
      <span className="font-medium">{r.profile.profile}:</span> {r.profile.lesson}
    </p>
  );
}
