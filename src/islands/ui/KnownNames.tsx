import { useOnPhone } from "./use-on-phone.ts";

type Props = {
  readonly id: string;
  readonly names: readonly string[];
  /** One of them was tapped. */
  readonly take: (name: string) => void;
};

/**
 * Names that a field offers: while something is typed into it on a desk, to be tapped under a thumb. Anything else may be typed
 * all the same.
 */
export function KnownNames({ id, names, take }: Props) {
  const onPhone = useOnPhone();
  if (!onPhone)
    return (
      <datalist id={id}>
        {names.map((name) => (
          <option key={name} value={name} />
        ))}
      </datalist>
    );
  return names.length === 0 ? null : (
    <p className="flex flex-wrap gap-1.5">
      {names.map((name) => (
        <button key={name} type="button" className="chip" onClick={() => take(name)}>
          {name}
        </button>
      ))}
    </p>
  );
}

/** What links a field to its names: on a phone nothing drops down. */
export function useNamesOf(id: string): { readonly list?: string } {
  return useOnPhone() ? {} : { list: id };
}
