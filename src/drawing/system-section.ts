import type { Holds } from "../core/frame/frame.ts";
import { frameOf, type System } from "../core/frame/systems.ts";
import type { Template } from "../core/text/template.ts";

/** One shape of a section, with the ink it is drawn in. */
export type Shape = {
  readonly d: string;
  readonly ink: "d-frame" | "d-face" | "d-strip" | "d-pane" | "d-packer" | "d-line" | "d-asked";
};

/** The drawing's own box: outside is at the left, the room at the right. */
export const SECTION_BOX = { width: 140, height: 96 };

const rect = (x: number, y: number, w: number, h: number): string => `M${x} ${y}h${w}v${h}h${-w}z`;
const shape = (ink: Shape["ink"], d: string): Shape => ({ ink, d });

/** What a section is drawn with: one sheet, or a sealed unit. */
export type Held = "glass" | "unit";
/** How thick each is drawn. */
const THICK: Readonly<Record<Held, number>> = { glass: 4, unit: 20 };

/** One sheet, or a unit of two with its spacer standing on a packer, from its outer face on. */
const sheets = (x: number, held: Held): readonly Shape[] =>
  held === "glass"
    ? [shape("d-pane", rect(x, 6, 4, 58))]
    : [
        shape("d-pane", rect(x, 6, 4, 56)),
        shape("d-pane", rect(x + 16, 6, 4, 56)),
        shape("d-packer", rect(x + 4, 56, 12, 6)),
        shape("d-packer", rect(x, 62, 20, 4)),
      ];
const sheetName = (x: number, held: Held): Name => ({
  says: held === "glass" ? "glass" : "{unit}",
  x: x + THICK[held] / 2,
  y: 14,
});
/** The strip that comes off: a seam all round it, in the asking ink. */
const bead = (x: number, w: number): readonly Shape[] => [
  shape("d-strip", rect(x, 42, w, 24)),
  shape("d-asked", `M${x} 66h${w}`),
];
const leg = (x: number, w: number): Shape => shape("d-frame", rect(x, 40, w, 26));
const screw = (x: number, y: number, w: number): readonly Shape[] => [
  shape("d-line", `M${x} ${y}h${w}m-4 -3v6m-4 -6v6`),
];
const rail = (x = 12, w = 116): Shape => shape("d-frame", rect(x, 66, w, 24));

/** A word for a part of the section, where it is written, in the reader's dialect. */
export type Name = { readonly says: Template; readonly x: number; readonly y: number };

type Section = {
  /** Side at which the drawing shows what comes off: the other is its mirror. */
  readonly opens: "inside" | "outside";
  readonly shapes: readonly Shape[];
  /** The part that each name points at. */
  readonly names: readonly Name[];
};

/** How each system holds its glass, in section: ours, made to show where it opens. The fixed leg stays; the rest follows the glass. */
const SECTIONS: Readonly<Record<System | "metal-beads", (held: Held, thick: number) => Section>> = {
  "timber-putty": (held, t) => ({
    opens: "outside",
    shapes: [
      rail(30, 80),
      leg(76, 34),
      shape("d-face", `M${72 - t} 40L${50 - t} 66H${72 - t}z`),
      shape("d-face", rect(72, 40, 4, 26)),
      ...sheets(72 - t, held),
      ...screw(58 - t, 56, 14),
    ],
    names: [{ says: "face {putty}", x: 60 - t, y: 60 }, sheetName(72 - t, held), { says: "bed", x: 74, y: 46 }],
  }),
  "timber-bead": (held, t) => ({
    opens: "outside",
    shapes: [
      rail(30, 80),
      leg(84, 26),
      shape("d-face", rect(80, 40, 4, 26)),
      ...sheets(80 - t, held),
      ...bead(34, 46 - t),
      shape("d-line", `M38 44L${76 - t} 60`),
    ],
    names: [{ says: "{bead}", x: 44, y: 48 }, sheetName(80 - t, held), { says: "bed", x: 82, y: 50 }],
  }),
  "plastic-bead-inside": (held, t) => ({
    opens: "inside",
    shapes: [
      rail(),
      leg(28, 24),
      shape("d-packer", rect(52, 42, 8, 10)),
      ...sheets(60, held),
      ...bead(68 + t, 42 - t),
      shape("d-packer", `M${60 + t} 42h8l-3 10h-5z`),
    ],
    names: [{ says: "gasket", x: 56, y: 46 }, sheetName(60, held), { says: "{bead}", x: 98, y: 54 }],
  }),
  "plastic-bead-inside-bonded": (held, t) => ({
    opens: "inside",
    shapes: [
      rail(),
      leg(28, 26),
      shape("d-packer", rect(54, 42, 6, 20)),
      ...sheets(60, held),
      ...bead(64 + t, 46 - t),
      shape("d-packer", rect(60 + t, 42, 4, 10)),
    ],
    names: [{ says: "tape", x: 57, y: 54 }, sheetName(60, held), { says: "{bead}", x: 97, y: 54 }],
  }),
  "plastic-bead-outside": (held, t) => ({
    opens: "outside",
    shapes: [
      rail(),
      leg(88, 24),
      shape("d-packer", rect(80, 42, 8, 20)),
      ...sheets(80 - t, held),
      ...bead(30, 46 - t),
      shape("d-packer", rect(76 - t, 42, 4, 10)),
    ],
    names: [{ says: "{bead}", x: 42, y: 54 }, sheetName(80 - t, held), { says: "tape", x: 84, y: 54 }],
  }),
  "plastic-no-bead": (held, t) => ({
    opens: "outside",
    shapes: [
      rail(),
      leg(28, 26),
      leg(86, 26),
      shape("d-packer", rect(54, 42, 6, 22)),
      shape("d-packer", rect(60 + t, 42, 26 - t, 22)),
      ...sheets(60, held),
      ...screw(12, 78, 30),
    ],
    names: [{ says: "screw", x: 28, y: 78 }, sheetName(60, held), { says: "gasket", x: 83, y: 54 }],
  }),
  "pinned-stop": (held, t) => ({
    opens: "inside",
    shapes: [
      rail(22, 96),
      shape("d-line", rect(16, 40, 6, 50)),
      leg(26, 28),
      shape("d-face", rect(54, 40, 6, 26)),
      ...sheets(60, held),
      ...bead(64 + t, 44 - t),
      shape("d-packer", rect(60 + t, 42, 4, 18)),
      shape("d-line", `M104 46L${68 + t} 62`),
    ],
    names: [{ says: "fin", x: 19, y: 60 }, sheetName(60, held), { says: "{bead}", x: 98, y: 50 }],
  }),
  cassette: (held, t) => ({
    opens: "inside",
    shapes: [
      shape("d-frame", rect(38, 72, 64, 20)),
      shape("d-strip", "M22 92V50Q22 40 32 40H54V66H38V92z"),
      shape("d-strip", "M118 92V50Q118 40 108 40H86V66H102V92z"),
      ...sheets(70 - t / 2, held),
      ...screw(100, 54, -46),
      shape("d-asked", rect(108, 51, 8, 6)),
    ],
    names: [{ says: "half", x: 30, y: 56 }, sheetName(70 - t / 2, held), { says: "screw", x: 92, y: 54 }],
  }),
  "compression-moulding": (held, t) => ({
    opens: "outside",
    shapes: [
      shape("d-frame", rect(38, 70, 64, 22)),
      leg(84, 18),
      shape("d-packer", rect(72, 42, 12, 14)),
      ...sheets(72 - t, held),
      shape("d-strip", `M${72 - t} 44C${58 - t} 44 ${44 - t} 52 ${40 - t} 70H${72 - t}z`),
      shape("d-asked", `M${40 - t} 70H${72 - t}`),
    ],
    names: [{ says: "moulding", x: 56 - t, y: 58 }, sheetName(72 - t, held), { says: "tape", x: 78, y: 50 }],
  }),
  "metal-frame": (held, t) => ({
    opens: "outside",
    shapes: [
      shape("d-frame", `M${34 - t} 90V80H66V66H88V40H96V90z`),
      shape("d-face", `M${72 - t} 42L${44 - t} 78H${72 - t}z`),
      ...sheets(72 - t, held),
      ...screw(64 - t, 60, 10),
    ],
    names: [{ says: "{putty}", x: 62 - t, y: 60 }, sheetName(72 - t, held), { says: "frame", x: 92, y: 60 }],
  }),
  "metal-beads": (held, t) => ({
    opens: "inside",
    shapes: [
      shape("d-frame", "M30 90V40H38V66H104V72H112V90z"),
      shape("d-packer", rect(38, 42, 8, 10)),
      ...sheets(46, held),
      ...bead(56 + t, 44 - t),
      shape("d-packer", `M${46 + t} 42h10l-3 10h-7z`),
    ],
    names: [{ says: "gasket", x: 42, y: 47 }, sheetName(46, held), { says: "{bead}", x: 92, y: 54 }],
  }),
  // The pane in front is one sheet, whatever the glass behind it is.
  "in-front": () => ({
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
  }),
};

const usual = (system: System): Held => (frameOf(system).takesUnits ? "unit" : "glass");

/** Of systems that hold in more than one way, the drawing of another than the usual. */
const BY_HOLDS: Readonly<Partial<Record<System, Partial<Record<Holds, keyof typeof SECTIONS>>>>> = {
  "metal-frame": { beads: "metal-beads" },
};
const drawn = (system: System, held: Held, holds?: Holds): Section =>
  SECTIONS[(holds && BY_HOLDS[system]?.[holds]) ?? system](held, THICK[held]);

export const opensAt = (system: System, holds?: Holds): "inside" | "outside" =>
  drawn(system, usual(system), holds).opens;
/** What its parts are called, each with a point in it. Without a word of what it holds, as the system mostly does. */
export const sectionNames = (system: System, held: Held = usual(system), holds?: Holds): readonly Name[] =>
  drawn(system, held, holds).names;
export const systemSection = (system: System, held: Held = usual(system), holds?: Holds): readonly Shape[] =>
  drawn(system, held, holds).shapes;
