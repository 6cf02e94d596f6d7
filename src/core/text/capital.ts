/**
 * With its first letter large, the rest as it is; of a {word} of the trade, the word's.
 * @example capital("wanted by Fri 29 May") // "Wanted by Fri 29 May"
 * @example capital("{putty} on a {sill}") // "{Putty} on a {sill}"
 */
export const capital = <Text extends string>(text: Text): Text =>
  text.replace(/^\{?./, (first) => first.toUpperCase()) as Text;
