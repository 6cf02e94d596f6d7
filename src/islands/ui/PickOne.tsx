import { useId, useState } from "react";
import { type Picks, standOpen } from "./picks.ts";
import { Sheet } from "./Sheet.tsx";
import { useOnPhone } from "./use-on-phone.ts";

type Props<T extends string> = {
  /** What is asked. */
  readonly name: string;
  readonly of: Picks<T>;
  /** What was picked; `null` while nobody did. */
  readonly value: T | null;
  readonly change: (to: T) => void;
  /** What stands there while nobody picked. */
  readonly unsaid?: string;
  /** Whether the name is only read out, as something beside it says it already. */
  readonly quiet?: boolean;
  /** Whether it stands in a line of text, beside its name. */
  readonly inline?: boolean;
  readonly className?: string;
  /** What a form around it calls it. It must be picked before the form goes. */
  readonly field?: string;
};

/**
 * One of several: a list that drops down under a mouse; on a phone chips where they are few and short, otherwise a
 * button that says what stands, and a sheet of large lines to tap.
 */
export function PickOne<T extends string>(props: Props<T>) {
  const onPhone = useOnPhone();
  if (!onPhone) return <PickList {...props} />;
  return standOpen(props.of) ? <PickChips {...props} /> : <PickSheet {...props} />;
}

/** Stands for "nobody picked" in a list, where a blank may be an answer of its own. In a form a blank stands for it, so that the form waits. */
const UNPICKED = "not-picked-yet";

const NAME = "text-[13px] text-mute";

function PickList<T extends string>(props: Props<T>) {
  const { name, of, value, change, unsaid, quiet, inline, className, field } = props;
  const id = useId();
  const unpicked = field ? "" : UNPICKED;
  const list = (
    <select
      {...(field && { name: field, required: true })}
      {...(quiet ? { "aria-label": name } : { id })}
      className={`${inline ? "!min-h-9 !w-auto" : ""} ${quiet ? (className ?? "") : ""}`}
      value={value ?? unpicked}
      onChange={(e) => {
        const found = of.find(([v]) => v === e.target.value);
        if (found) change(found[0]);
      }}
    >
      {value === null && (
        <option value={unpicked} disabled>
          {unsaid ?? "choose"}
        </option>
      )}
      {of.map(([v, says]) => (
        <option key={v} value={v}>
          {says}
        </option>
      ))}
    </select>
  );
  if (quiet) return list;
  return (
    <label htmlFor={id} className={`${inline ? "inline-flex items-center gap-2" : ""} ${className ?? ""}`}>
      <span className={inline ? "" : NAME}>{name}</span>
      {list}
    </label>
  );
}

function PickChips<T extends string>({ name, of, value, change, quiet, className, field }: Props<T>) {
  const id = useId();
  return (
    <fieldset className={className}>
      <legend className={quiet ? "sr-only" : NAME}>{name}</legend>
      <div className="flex flex-wrap gap-1.5 pt-0.5">
        {of.map(([v, says]) => (
          <label key={v} className="chip">
            <input
              type="radio"
              name={field ?? id}
              value={v}
              required={field !== undefined}
              checked={v === value}
              onChange={() => change(v)}
            />
            {says}
          </label>
        ))}
      </div>
    </fieldset>
  );
}

function PickSheet<T extends string>({ name, of, value, change, unsaid, quiet, className, field }: Props<T>) {
  const [open, setOpen] = useState(false);
  const says = of.find(([v]) => v === value)?.[1] ?? unsaid ?? "choose";
  return (
    <div className={className}>
      {!quiet && (
        <span className={NAME} aria-hidden="true">
          {name}
        </span>
      )}
      <button
        type="button"
        className="btn w-full justify-between text-left"
        aria-haspopup="dialog"
        aria-label={`${name}: ${says}`}
        onClick={() => setOpen(true)}
      >
        <span className={value === null ? "text-mute" : ""}>{says}</span> <span aria-hidden="true">▾</span>
      </button>
      {field && (
        <input
          className="sr-only"
          name={field}
          value={value ?? ""}
          required
          tabIndex={-1}
          aria-hidden
          onChange={() => {}}
        />
      )}
      {open && (
        <Sheet title={name} close={() => setOpen(false)}>
          <ul className="grid gap-2">
            {of.map(([v, words]) => (
              <li key={v} className="flex">
                <button
                  type="button"
                  className="btn w-full justify-start text-left aria-pressed:!border-glass aria-pressed:!bg-tint"
                  aria-pressed={v === value}
                  onClick={() => {
                    setOpen(false);
                    if (v !== value) change(v);
                  }}
                >
                  {words}
                </button>
              </li>
            ))}
          </ul>
        </Sheet>
      )}
    </div>
  );
}
