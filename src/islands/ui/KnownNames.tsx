/** Names that a field offers while something is typed into it; anything else may be typed all the same. */
export const KnownNames = ({ id, names }: { readonly id: string; readonly names: readonly string[] }) => (
  <datalist id={id}>
    {names.map((name) => (
      <option key={name} value={name} />
    ))}
  </datalist>
);
