import { frameOf } from "../../core/frame/systems.ts";
import { isUnit } from "../../core/pane/unit.ts";
import {
  type Looks,
  looksText,
  MARK_CORNERS,
  PART_NAMES,
  PARTS,
  PATTERN_ON,
  PLAIN_LOOKS,
  RUN_NAMES,
  RUNS,
  TEXTURES,
} from "../../core/specify/looks.ts";
import { Fold } from "../panels/Fold.tsx";
import { usePane } from "../panels/pane-context.ts";
import { PickOne } from "../ui/PickOne.tsx";

const ON_NAMES = { "not-said": "not said", outer: "the outer sheet", inner: "the inner sheet" } as const;
const TEXTURE_NAMES = { "not-said": "smooth, or not said", outside: "outside", room: "to the room" } as const;

/** Tint, which way a pattern runs, which face it is on, and the mark that must show: drawn on the elevation. */
export function LooksPart() {
  const { book, write } = usePane();
  const looks = book.looks ?? PLAIN_LOOKS;
  const change = (to: Partial<Looks>) => write("specify.looks", { ...looks, ...to });
  const pick = <K extends "runs" | "texture" | "markAt" | "patternOn">(
    key: K,
    name: string,
    values: readonly NonNullable<Looks[K]>[],
    says: (v: NonNullable<Looks[K]>) => string,
  ) => (
    <PickOne
      name={name}
      of={values.map((v) => [v, says(v)] as const)}
      value={looks[key] ?? values[0] ?? null}
      change={(to) => change({ [key]: to } as Partial<Looks>)}
    />
  );
  const text = (key: "tint" | "mark" | "pattern", name: string, example: string) => (
    <label>
      <span className="text-[13px] text-mute">{name}</span>
      <input
        key={looks[key] ?? ""}
        maxLength={60}
        defaultValue={looks[key] ?? ""}
        placeholder={example}
        onBlur={(e) => e.target.value !== (looks[key] ?? "") && change({ [key]: e.target.value } as Partial<Looks>)}
      />
    </label>
  );
  return (
    <Fold title="How it looks" more={looksText(looks) || "tint, pattern, which face, mark"}>
      <div className="grid grid-cols-2 gap-2">
        {text("tint", "Tint", "none")}
        {isUnit(book) && text("pattern", "Pattern of one sheet", "none; reeded, stippled")}
        {isUnit(book) && looks.pattern && pick("patternOn", "On which sheet", PATTERN_ON, (v) => ON_NAMES[v])}
        {pick("runs", "Pattern runs", RUNS, (v) => RUN_NAMES[v])}
        {pick("texture", "Textured face", TEXTURES, (v) => TEXTURE_NAMES[v])}
        {text("mark", "Mark that must show", "safety stamp")}
        {looks.mark && pick("markAt", "Mark in the corner", MARK_CORNERS, (v) => v.replace("-", " "))}
      </div>
    </Fold>
  );
}

/** What is to come with the glass: new, or the old goes back. */
export function PartsPart() {
  const { book, say, write } = usePane();
  const now = book.parts ?? { parts: [], note: "" };
  const ring = frameOf(book.added.system).ofDoor;
  return (
    <Fold
      title="To come with it"
      more={
        now.parts.length > 0 ? now.parts.map((p) => say(PART_NAMES[p])).join(", ") : say("{beads}, tape, {packers}")
      }
    >
      <div className="flex flex-wrap gap-1.5">
        {PARTS.map((p) => (
          <label key={p} className="chip">
            <input
              type="checkbox"
              checked={now.parts.includes(p)}
              onChange={() =>
                write("specify.parts", {
                  ...now,
                  parts: now.parts.includes(p) ? now.parts.filter((x) => x !== p) : [...now.parts, p],
                })
              }
            />
            {say(PART_NAMES[p])}
          </label>
        ))}
      </div>
      {ring && (
        <p className="text-[13px]">
          Old ring kept? Lay the new gasket in it dry: it must fill the groove all round, or the new ring is ordered
          too.
        </p>
      )}
      <label className="block">
        <span className="text-[13px] text-mute">What else its maker must know</span>
        <input
          key={now.note}
          maxLength={120}
          defaultValue={now.note}
          onBlur={(e) => e.target.value !== now.note && write("specify.parts", { ...now, note: e.target.value })}
        />
      </label>
    </Fold>
  );
}
