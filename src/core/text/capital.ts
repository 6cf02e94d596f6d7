/** With its first letter large, the rest as it is. @example capital("wanted by Fri 29 May") // "Wanted by Fri 29 May" */
export const capital = <Text extends string>(text: Text): Text =>
  (text.charAt(0).toUpperCase() + text.slice(1)) as Text;
