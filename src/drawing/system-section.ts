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

type Section = {
  /** Side at which the drawing shows what comes off: the other is its mirror. */
  readonly opens: "inside" | "outside";
  readonly shapes: readonly Shape[];
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
  },
  "metal-frame": {
    opens: "outside",
    shapes: [
      shape("d-frame", "M30 90V80H66V66H88V40H96V90z"),
      shape("d-face", "M68 42L40 78H68z"),
      ...single,
      ...screw(60, 60, 10),
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
  },
};

export const opensAt = (system: System): "inside" | "outside" => SECTIONS[system].opens;
export const systemSection = (system: System): readonly Shape[] => SECTIONS[system].shapes;
