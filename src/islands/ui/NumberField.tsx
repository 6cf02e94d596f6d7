type Props = {
  readonly name: string;
  /** What a reader of the screen hears, where the name alone says too little. */
  readonly label?: string;
  readonly value?: number | null;
  readonly most?: number;
  /** Answers with null where the field is empty or holds no figure of the range. */
  readonly change: (to: number | null) => void;
};

/** A plain figure that is no reading: typed, and told on leaving, or at each key where nothing is kept of it. */
export function NumberField({ name, label, value, most = 10_000, change }: Props) {
  const read = (to: number): number | null => (Number.isFinite(to) && to >= 0 && to <= most ? to : null);
  const kept = value !== undefined;
  return (
    <label className="min-w-0">
      <span className="text-[13px] text-mute">{name}</span>
      <input
        type="number"
        inputMode="decimal"
        step="any"
        min={0}
        max={most}
        className="tight"
        {...(label ? { "aria-label": label } : {})}
        {...(kept ? { defaultValue: value ?? "" } : {})}
        key={kept ? value : "free"}
        onChange={(e) => !kept && change(read(e.target.valueAsNumber))}
        onBlur={(e) => kept && read(e.target.valueAsNumber) !== value && change(read(e.target.valueAsNumber))}
      />
    </label>
  );
}
