/** Where what the readings come to is said: the last key of the pad leads there. */
export const COMES_TO = "what-it-comes-to";
