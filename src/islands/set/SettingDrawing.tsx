import { halved } from "../../core/frame/held.ts";
import { likeOf } from "../../core/pane/frame-here.ts";
import { hingeOf, opensAs } from "../../core/pane/hangs.ts";
import { waysAlong } from "../../core/pane/own-sides.ts";
import { packersDrawn } from "../../core/pane/packers-drawn.ts";
import { isUnit, oldUnitMm } from "../../core/pane/unit.ts";
import { type Opens, widthFault } from "../../core/set/packer-places.ts";
import { packingFaults } from "../../core/takeout/how-it-was.ts";
import { writeNumber } from "../../core/tape/write.ts";
import type { Template } from "../../core/text/template.ts";
import { mm, toMm } from "../../core/units/length.ts";
import { PACKERS_BOX, packersDrawing } from "../../drawing/packers.ts";
import { HowItHangs } from "../panels/HowItHangs.tsx";
import { Part } from "../panels/Part.tsx";
import { usePane } from "../panels/pane-context.ts";
import { useSteps } from "../steps/use-steps.ts";
import { LengthInSvg } from "../ui/Length.tsx";

const JOB_NAMES = { carries: "carries", braces: "braces", locates: "keeps its place" } as const;
const FAULTS = {
  "none-below": "Nothing carried the old one: that is how a seal is dragged apart.",
  "one-below": "The old one stood on one {packer} only: it rocked.",
  "over-drain": "A {packer} stood over a drain: water stood behind it.",
  "too-narrow": "A {packer} carried one sheet of the {unit} only: that shears its seal.",
  "wrong-diagonal": "The old {packers} were on the wrong diagonal: the sash dropped by them.",
} as const satisfies Readonly<Record<string, Template>>;

/** Where every packer stands, drawn; what was wrong with how it was; and why a push fit wants them all the same. */
export function SettingDrawing() {
  const { book, reckoning: r, firm, prefs, say } = usePane();
  const asked = useSteps("set").shown?.asks === "packers";
  if (halved(likeOf(book))) return null;
  const hangs = hingeOf(book);
  const opens = opensAs(book);
  const { spots, measured, ...size } = packersDrawn(book, r);
  const d = packersDrawing({
    ...size,
    sides: r.shaped ? waysAlong(r.shaped.corners) : undefined,
    spots,
    hinge: opens === "hinge-left" ? "left" : opens === "hinge-right" ? "right" : null,
  });
  const faults = packingFaults(book.before.map, hangs, oldUnitMm(book, r));
  const narrow = isUnit(book) ? widthFault(firm.house.packerWidthMm, toMm(r.glass.thickness)) : null;
  return (
    <Part
      title="{Packers}"
      more={
        hangs === "not-said"
          ? "drawn as for what is fixed, until it is said how it hangs"
          : opensText(opens, hangs === "hung")
      }
    >
      {/* At the step that asks for it, it is said there. */}
      {!asked && <HowItHangs />}
      <svg
        viewBox={`0 0 ${PACKERS_BOX.width} ${PACKERS_BOX.height}`}
        className="mx-auto w-full max-w-[min(100%,calc((100dvh-22rem)*0.87))] max-sm:max-w-[320px]"
        role="img"
        aria-label={spots
          .filter((s) => s.job !== "locates")
          .map(
            (s) =>
              `${s.edge}${measured ? `, ${s.atMm.toFixed(0)} mm from its ${s.edge === "left" || s.edge === "right" ? "foot" : "left end"}` : ""}: ${s.job}`,
          )
          .join("; ")}
      >
        <path d={d.sash} className="d-frame" />
        <path d={d.pane} className="d-pane" />
        {d.path && <path d={d.path} className="d-asked" strokeDasharray="8 5" />}
        {d.blocks.map((b) => (
          <g key={b.d}>
            <path d={b.d} className={b.job === "locates" ? "d-packer" : "d-ease"} />
            <text
              x={b.label.x}
              y={b.label.y}
              textAnchor={b.turned ? (b.label.x < PACKERS_BOX.width / 2 ? "end" : "start") : "middle"}
              className="d-text !text-[10px]"
            >
              {measured && <LengthInSvg nm={mm(b.atMm)} unit={prefs.unit} places={0} ticks={16} />}
            </text>
          </g>
        ))}
      </svg>
      <ul className="text-[13px] text-mute">
        {(["carries", "braces", "locates"] as const)
          .filter((j) => spots.some((s) => s.job === j))
          .map((j) => (
            <li key={j}>
              <span className={j === "locates" ? "text-mute" : "font-semibold text-wax"}>{JOB_NAMES[j]}</span>
              {j === "carries"
                ? say(": the {pane} stands on it")
                : j === "braces"
                  ? ": it lifts the handle corner, like the strut of a gate"
                  : ": hand-tight"}
            </li>
          ))}
      </ul>
      {narrow !== null && (
        <p className="note-wax" role="alert">
          {say(
            `{Packers} of ${firm.house.packerWidthMm} mm are ${writeNumber(mm(narrow), "mm")} mm too narrow for this {unit}: they carry one sheet and shear the seal off the other. Take them at least ${writeNumber(r.glass.thickness, "mm")} mm wide`,
          )}
          ; the width of yours stands under <a href="/house">House rules</a>.
        </p>
      )}
      {faults.map((f) => (
        <p key={f} className="note-wax">
          {say(FAULTS[f])} Do not put it back as it was.
        </p>
      ))}
      <p className="text-[13px] text-mute">
        {say(
          `A tight fit wants them too: without, the {pane} stands on its own edge, and a hinged sash hangs on the glass. ${
            measured
              ? `Figures from the left or lower end${r.shaped ? " of each side, along it" : ""}, seen from the side it goes in.`
              : "Each about a quarter of its edge in from the corner: in figures once the glass is measured."
          }`,
        )}
      </p>
    </Part>
  );
}

const opensText = (opens: Opens, hung: boolean): string =>
  ({
    fixed: `${hung ? "slides up and down" : "fixed"}: two below carry`,
    slides: "slides: two below carry, over the rollers",
    "top-hung": "hung at the top: two below carry",
    "bottom-hung": "hung at the bottom: two below carry",
    "hinge-left": "hinged left: foot at the hinge, head at the handle",
    "hinge-right": "hinged right: foot at the hinge, head at the handle",
  })[opens];
