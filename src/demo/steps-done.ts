/** Steps of taking out a pane in {putty}, all done. */
export const TAKEN_OUT = [
  "sheet",
  "tape-glass",
  "mark",
  "score-paint",
  "face-putty",
  "probe",
  "sprigs",
  "lift-out",
  "bed-putty",
  "water",
  "bag",
];
/** What is looked at on a pane in {putty}, painted, before it is signed off. */
export const LOOKED_AT = ["still", "gaps", "bed-line", "sight-line", "paint-lap", "opens", "clean", "match", "told"];
/** Steps of setting one in linseed. */
export const SET = ["warm", "bed", "pack", "face-check", "press", "sprigs", "face", "trim"];
