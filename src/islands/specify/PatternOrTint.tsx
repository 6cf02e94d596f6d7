import { namesKnown } from "../../core/house/same-glass.ts";
import { PLAIN_LOOKS, RUN_NAMES, RUNS } from "../../core/specify/looks.ts";
import { usePane } from "../panels/pane-context.ts";
import { KnownNames, useNamesOf } from "../ui/KnownNames.tsx";
import { PickOne } from "../ui/PickOne.tsx";

type Props = { readonly pattern: string; readonly named: (pattern: string) => void };

/** Of patterned glass which pattern, and which way its lines run; of plain glass its tint. By these a sheet is found for it. */
export function PatternOrTint({ pattern, named }: Props) {
  const { book, firm, write } = usePane();
  const looks = book.looks ?? PLAIN_LOOKS;
  const [patterns, tints] = [useNamesOf("patterns-known"), useNamesOf("tints-known")];
  const isPatterned = book.glass?.kind === "patterned";
  return (
    <>
      {isPatterned || pattern !== "" ? (
        <label>
          <span className="text-[13px] text-mute">Pattern, by its name</span>
          <input
            id="pattern"
            {...patterns}
            maxLength={200}
            defaultValue={pattern}
            key={pattern}
            placeholder="none"
            onBlur={(e) => e.target.value !== pattern && named(e.target.value)}
          />
        </label>
      ) : (
        <label>
          <span className="text-[13px] text-mute">Tint</span>
          <input
            id="tint"
            {...tints}
            maxLength={60}
            defaultValue={looks.tint}
            key={looks.tint}
            placeholder="none"
            onBlur={(e) => e.target.value !== looks.tint && write("specify.looks", { ...looks, tint: e.target.value })}
          />
        </label>
      )}
      {isPatterned || pattern !== "" ? (
        <KnownNames id="patterns-known" names={namesKnown(firm.stock, "pattern")} take={named} />
      ) : (
        <KnownNames
          id="tints-known"
          names={namesKnown(firm.stock, "tint")}
          take={(tint) => write("specify.looks", { ...looks, tint })}
        />
      )}
      {isPatterned && (
        <PickOne
          name="Its lines run"
          of={RUNS.flatMap((r) => (r === "not-said" ? [] : [[r, RUN_NAMES[r]] as const]))}
          value={looks.runs === "not-said" ? null : looks.runs}
          unsaid="nobody said"
          change={(runs) => write("specify.looks", { ...looks, runs })}
        />
      )}
    </>
  );
}
