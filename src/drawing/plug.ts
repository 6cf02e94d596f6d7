/** A screw plug from the side, in its hole: which edge goes in first, and where its prongs hold. Ours, not to scale. */
export const PLUG_BOX = { width: 220, height: 96 };

export type PlugDrawing = {
  readonly frame: string;
  readonly right: string;
  readonly wrong: string;
};

/** Pressed in the right way it lies flush; turned about, its high edge stands proud. */
export const plugDrawing = (): PlugDrawing => ({
  frame: "M6 40H42V78H82V40H138V78H178V40H214V90H6Z",
  right: "M42 40H82L82 46H76L74 70H68L67 48H57L56 70H50L48 52H42Z",
  wrong: "M138 34L178 22V40H172L170 66H164L163 44H153L152 62H146L144 40H138Z",
});
