type ChoiceProps<T extends string> = {
  readonly name: string;
  readonly value: T;
  readonly of: readonly T[];
  readonly change: (to: T) => void;
};

/** One of a few, as a list that drops down. */
export const Choice = <T extends string>({ name, value, of, change }: ChoiceProps<T>) => (
  <label>
    <span className="text-[13px] text-mute">{name}</span>
    <select value={value} onChange={(e) => change(e.target.value as T)}>
      {of.map((o) => (
        <option key={o} value={o}>
          {o.replace("-", " ")}
        </option>
      ))}
    </select>
  </label>
);
