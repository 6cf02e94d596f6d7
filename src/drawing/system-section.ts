import type { System } from "../core/frame/systems.ts";

/** One shape of a section, with the ink it is drawn in. */
export type Shape = {
  readonly d: string;
  readonly ink: "d-frame" | "d-face" | "d-pane" | "d-packer" | "d-line" | "d-asked";
};

/** The drawing's own box: outside is at the left, the room at the right. */
export const SECTION_BOX = { width: 140, height: 96 };

const rect = (x: number, y: number, w: number, h: number): string => `M${x} ${y}h${w}v${h}h${-w}z`;
const shape = (ink: Shape["ink"], d: string): Shape => ({ ink, d });

/** One sheet, or a unit of two with its spacer, standing on a packer. */
const single: readonly Shape[] = [shape("d-pane", rect(68, 6, 4, 58))];
const unit: readonly Shape[] = [
  shape("d-pane", rect(60, 6, 4, 56)),
  shape("d-pane", rect(76, 6, 4, 56)),
  shape("d-packer", rect(64, 56, 12, 6)),
  shape("d-packer", rect(60, 62, 20, 4)),
];
/** The strip that comes off: a seam all round it, in the asking ink. */
const bead = (x: number, w: number): readonly Shape[] => [
  shape("d-face", rect(x, 42, w, 24)),
  shape("d-asked", `M${x} 66h${w}`),
];
const leg = (x: number, w: number): Shape => shape("d-frame", rect(x, 40, w, 26));
const screw = (x: number, y: number, w: number): readonly Shape[] => [
  shape("d-line", `M${x} ${y}h${w}m-4 -3v6m-4 -6v6`),
];
const rail = (x = 12, w = 116): Shape => shape("d-frame", rect(x, 66, w, 24));

/** A word for a part of the section, where it is written, in the reader's dialect. */
export type Name = { readonly says: string; readonly x: number; readonly y: number };

type Section = {
  /** Side at which the drawing shows what comes off: the other is its mirror. */
  readonly opens: "inside" | "outside";
  readonly shapes: readonly Shape[];
  /** The part that each name points at. */
  readonly names: readonly Name[];
};

/** How each system holds its glass, in section: ours, made to show where it opens. */
const SECTIONS: Readonly<Record<System, Section>> = {
  "timber-putty": {
    opens: "outside",
    shapes: [
      rail(30, 80),
      leg(76, 34),
      shape("d-face", "M68 40L46 66H68z"),
      shape("d-face", rect(72, 40, 4, 26)),
      ...single,
      ...screw(54, 56, 14),
    ],
    names: [
      { says: "face {putty}", x: 56, y: 60 },
      { says: "glass", x: 70, y: 14 },
      { says: "bed", x: 74, y: 46 },
    ],
  },
  "timber-bead": {
    opens: "outside",
    shapes: [
      rail(30, 80),
      leg(84, 26),
      shape("d-face", rect(80, 40, 4, 26)),
      ...unit,
      ...bead(34, 26),
      shape("d-line", "M38 44L56 60"),
    ],
    names: [
      { says: "{bead}", x: 44, y: 48 },
      { says: "{unit}", x: 70, y: 14 },
      { says: "{putty} or tape", x: 82, y: 50 },
    ],
  },
  "plastic-bead-inside": {
    opens: "inside",
    shapes: [
      rail(),
      leg(28, 24),
      shape("d-packer", rect(52, 42, 8, 10)),
      ...unit,
      ...bead(88, 22),
      shape("d-packer", "M80 42h8l-3 10h-5z"),
    ],
    names: [
      { says: "gasket", x: 56, y: 46 },
      { says: "{unit}", x: 70, y: 14 },
      { says: "{bead}", x: 98, y: 54 },
    ],
  },
  "plastic-bead-inside-bonded": {
    opens: "inside",
    shapes: [
      rail(),
      leg(28, 26),
      shape("d-packer", rect(54, 42, 6, 20)),
      ...unit,
      ...bead(84, 26),
      shape("d-packer", rect(80, 42, 4, 10)),
    ],
    names: [
      { says: "tape", x: 57, y: 54 },
      { says: "{unit}", x: 70, y: 14 },
      { says: "{bead}", x: 97, y: 54 },
    ],
  },
  "plastic-bead-outside": {
    opens: "outside",
    shapes: [
      rail(),
      leg(88, 24),
      shape("d-packer", rect(80, 42, 8, 20)),
      ...unit,
      ...bead(30, 26),
      shape("d-packer", rect(56, 42, 4, 10)),
    ],
    names: [
      { says: "{bead}", x: 42, y: 54 },
      { says: "{unit}", x: 70, y: 14 },
      { says: "tape", x: 84, y: 54 },
    ],
  },
  "plastic-no-bead": {
    opens: "outside",
    shapes: [
      rail(),
      leg(28, 26),
      leg(86, 26),
      shape("d-packer", rect(54, 42, 6, 22)),
      shape("d-packer", rect(80, 42, 6, 22)),
      ...unit,
      ...screw(12, 78, 30),
    ],
    names: [
      { says: "screw", x: 28, y: 78 },
      { says: "{unit}", x: 70, y: 14 },
      { says: "gasket", x: 83, y: 54 },
    ],
  },
  "pinned-stop": {
    opens: "inside",
    shapes: [
      rail(22, 96),
      shape("d-line", rect(16, 40, 6, 50)),
      leg(26, 28),
      shape("d-face", rect(54, 40, 6, 26)),
      ...unit,
      ...bead(84, 24),
      shape("d-packer", rect(80, 42, 4, 18)),
      shape("d-line", "M104 46L88 62"),
    ],
    names: [
      { says: "fin", x: 19, y: 60 },
      { says: "{unit}", x: 70, y: 14 },
      { says: "{bead}", x: 98, y: 50 },
    ],
  },
  cassette: {
    opens: "inside",
    shapes: [
      shape("d-frame", rect(38, 72, 64, 20)),
      shape("d-face", "M22 92V50Q22 40 32 40H54V66H38V92z"),
      shape("d-face", "M118 92V50Q118 40 108 40H86V66H102V92z"),
      ...unit,
      ...screw(100, 54, -46),
      shape("d-asked", rect(108, 51, 8, 6)),
    ],
    names: [
      { says: "half", x: 30, y: 56 },
      { says: "{unit}", x: 70, y: 14 },
      { says: "screw", x: 92, y: 54 },
    ],
  },
  "compression-moulding": {
    opens: "outside",
    shapes: [
      shape("d-frame", rect(38, 70, 64, 22)),
      leg(84, 18),
      shape("d-packer", rect(72, 42, 12, 14)),
      ...single,
      shape("d-face", "M68 44C54 44 40 52 36 70H68z"),
      shape("d-asked", "M36 70H68"),
    ],
    names: [
      { says: "moulding", x: 52, y: 58 },
      { says: "glass", x: 70, y: 14 },
      { says: "tape", x: 78, y: 50 },
    ],
  },
  "metal-frame": {
    opens: "outside",
    shapes: [
      shape("d-frame", "M30 90V80H66V66H88V40H96V90z"),
      shape("d-face", "M68 42L40 78H68z"),
      ...single,
      ...screw(60, 60, 10),
    ],
    names: [
      { says: "{putty}", x: 58, y: 60 },
      { says: "glass", x: 70, y: 14 },
      { says: "frame", x: 92, y: 60 },
    ],
  },
  "in-front": {
    opens: "outside",
    shapes: [
      rail(62, 66),
      leg(96, 22),
      shape("d-pane", rect(90, 6, 4, 58)),
      shape("d-line", rect(24, 48, 14, 40)),
      shape("d-pane", rect(29, 6, 4, 44)),
      shape("d-asked", "M38 70H62"),
    ],
    names: [
      { says: "this pane", x: 31, y: 20 },
      { says: "clip", x: 50, y: 70 },
      { says: "the glass behind", x: 92, y: 14 },
    ],
  },
};

export const opensAt = (system: System): "inside" | "outside" => SECTIONS[system].opens;
/** What its parts are called, each with a point in it. */
export const sectionNames = (system: System): readonly Name[] => SECTIONS[system].names;
export const systemSection = (system: System): readonly Shape[] => SECTIONS[system].shapes;
