export const WHERE_BOX = { width: 150, height: 110 };

/** A person from above: head and shoulders. */
const person = (x: number, y: number): string =>
  `M${x - 14} ${y}a14 8 0 1 0 28 0a14 8 0 1 0 -28 0M${x - 6} ${y}a6 6 0 1 0 12 0a6 6 0 1 0 -12 0`;

/**
 * The wall from above, the room below it, and where two people stand: across the glass from each other, or side by side.
 * Each path with the style it is drawn in.
 */
export function whereToStand(across: boolean): readonly { readonly kind: string; readonly d: string }[] {
  const people = across ? [person(75, 86), person(75, 24)] : [person(52, 86), person(98, 86)];
  return [
    { kind: "d-face", d: "M0 50H40V60H0ZM110 50H150V60H110Z" },
    { kind: "d-pane", d: "M40 53H110V57H40Z" },
    ...people.map((d) => ({ kind: "d-line", d })),
  ];
}
