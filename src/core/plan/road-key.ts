/** A road between two places has one name, whichever way it is gone. @example roadKey("yard", "Row") // "Row\nyard" */
export const roadKey = (from: string, to: string): string => [from, to].sort().join("\n");
