import { OPENING, type OpeningPlace } from "../../core/measure/places.ts";
import type { Picture } from "../../core/practice/exercise.ts";
import { sashCorners } from "../../core/set/toe-heel.ts";
import { writeLength } from "../../core/tape/write.ts";
import { dayOfMonth, weekday } from "../../core/units/day.ts";
import { mm } from "../../core/units/length.ts";
import { weekdayName } from "../../core/words/days.ts";
import { type Dialect, say } from "../../core/words/dialect.ts";
import { SECTION_BOX, systemSection } from "../../drawing/system-section.ts";
import { tapePicture } from "../../drawing/tape-picture.ts";
import { PracticeBeads } from "./PracticeBeads.tsx";
import { PracticeCuts } from "./PracticeCuts.tsx";
import type { Of, TappedOn } from "./tapped-on.ts";

type Props = { readonly picture: Picture; readonly dialect: Dialect } & TappedOn;

/** What an exercise shows, and where it is tapped on. */
export function PracticePicture({ picture: p, dialect, ...by }: Props) {
  switch (p.kind) {
    case "tape":
      return <Tape of={p} />;
    case "opening":
      return <Opening of={p} {...by} />;
    case "section":
      return (
        <svg
          viewBox={`0 0 ${SECTION_BOX.width} ${SECTION_BOX.height}`}
          className="max-h-[60dvh] w-full"
          role="img"
          aria-label="A frame in section"
        >
          {systemSection(p.system, p.held).map((s) => (
            <path key={s.d} d={s.d} className={s.ink} strokeWidth={0.7} />
          ))}
        </svg>
      );
    case "beads":
      return <PracticeBeads of={p} {...by} />;
    case "days":
      return <Days of={p} {...by} />;
    case "bench":
      return <BenchSheet of={p} />;
    case "cuts":
      return <PracticeCuts of={p} />;
    case "sash":
      return <Sash of={p} />;
    case "none":
      return null;
    case "lines":
      return (
        <ul className="space-y-2 text-[19px]">
          {p.lines.map((l) => (
            <li key={l} className="border-l-4 border-tape pl-3">
              {say(l, dialect)}
            </li>
          ))}
        </ul>
      );
  }
}

const TAPE_WIDE = 640;

function Tape({ of }: { readonly of: Of<"tape"> }) {
  const t = tapePicture({ ...of, width: TAPE_WIDE });
  return (
    <svg
      viewBox={`0 0 ${TAPE_WIDE} 190`}
      className="w-full"
      role="img"
      aria-label="A tape, and the edge it is held against"
    >
      <rect x={0} y={20} width={TAPE_WIDE} height={96} fill="#f6e9a6" stroke="#8a7a2f" />
      {t.marks.map((m) => (
        <g key={m.x}>
          <path d={`M${m.x} 20v${m.long}`} stroke="#22200f" strokeWidth={m.text ? 2 : 1.3} />
          {m.text && (
            <text x={m.x + 5} y={88} className="fill-[#22200f] !text-[22px] font-bold">
              {m.text}
            </text>
          )}
        </g>
      ))}
      <path d={`M${t.at} 8V150`} stroke="var(--wax)" strokeWidth={1.6} />
      <text x={Math.min(TAPE_WIDE - 90, Math.max(6, t.at - 34))} y={172} className="d-text !text-[18px]">
        the edge
      </text>
    </svg>
  );
}

/** Where each reading is written on an upright opening, as shares of it. */
const AT: Readonly<Record<OpeningPlace, readonly [x: number, y: number]>> = {
  "width-top": [0.5, 0.06],
  "width-middle": [0.5, 0.5],
  "width-bottom": [0.5, 0.94],
  "height-left": [0.11, 0.36],
  "height-middle": [0.5, 0.3],
  "height-right": [0.89, 0.36],
  "diagonal-up": [0.72, 0.2],
  "diagonal-down": [0.28, 0.2],
};

function Opening({ of, picks, pick, over, laid }: { readonly of: Of<"opening"> } & TappedOn) {
  const [wide, high] = [520, 520];
  const corners = [of.quad.bl, of.quad.br, of.quad.tr, of.quad.tl];
  const [w, h] = [Math.max(...corners.map((p) => p.x)), Math.max(...corners.map((p) => p.y))];
  const k = Math.min((wide - 60) / w, (high - 60) / h);
  const at = (p: { readonly x: number; readonly y: number }) =>
    `${30 + (wide - 60 - k * w) / 2 + p.x * k} ${high - 30 - p.y * k}`;
  const [left, width] = [30 + (wide - 60 - k * w) / 2, k * w];
  const [top, height] = [high - 30 - k * h, k * h];
  return (
    <svg
      viewBox={`0 0 ${wide} ${high}`}
      className="max-h-[62dvh] w-full"
      role="img"
      aria-label="An opening, with its readings"
    >
      <path d={`M${corners.map(at).join("L")}z`} className="d-pane" strokeWidth={2} />
      <path
        d={`M${at(of.quad.bl)}L${at(of.quad.tr)}M${at(of.quad.tl)}L${at(of.quad.br)}`}
        className="d-line"
        strokeDasharray="5 5"
      />
      {laid && (
        <path
          d={`M${[laid.bl, laid.br, laid.tr, laid.tl].map(at).join("L")}z`}
          fill="var(--tint)"
          fillOpacity={0.7}
          stroke="var(--wax)"
          strokeWidth={2}
        />
      )}
      <path
        d={[0.06, 0.5, 0.94]
          .map(
            (s) =>
              `M${left} ${top + s * height}h${width}M${left + (0.11 + (0.78 * (s - 0.06)) / 0.88) * width} ${top}v${height}`,
          )
          .join("")}
        className="d-line"
        opacity={0.45}
      />
      {OPENING.map((place, i) => {
        const length = of.readings[place];
        if (length === undefined) return null;
        const [sx, sy] = AT[place];
        const text = writeLength(length, of.unit, { places: 1, ticks: 32 });
        const [x, y] = [left + sx * width, top + sy * height];
        const long = 12 + 9.5 * text.length;
        return (
          // biome-ignore lint/a11y/noStaticElementInteractions: the buttons below the question are the keyboard's way
          <g key={place} onClick={() => !over && pick(i)} className={over ? "" : "cursor-pointer"}>
            <rect
              x={x - long / 2}
              y={y - 15}
              width={long}
              height={30}
              rx={4}
              className="fill-sheet"
              stroke={picks[0] === i ? "var(--wax)" : "var(--line)"}
              strokeWidth={picks[0] === i ? 3 : 1}
            />
            <text x={x} y={y + 6} textAnchor="middle" className="d-text !text-[17px]">
              {text}
            </text>
          </g>
        );
      })}
    </svg>
  );
}

function Days({ of, picks, pick, over }: { readonly of: Of<"days"> } & TappedOn) {
  const blank = (weekday(of.from) + 6) % 7;
  return (
    <div className="mx-auto grid max-w-[40rem] grid-cols-7 gap-1.5">
      {["Mon", "Tue", "Wed", "Thu", "Fri", "Sat", "Sun"].map((d) => (
        <p key={d} className="text-center text-[13px] text-mute">
          {d}
        </p>
      ))}
      {Array.from({ length: blank }, (_, i) => `blank ${i}`).map((id) => (
        <span key={id} />
      ))}
      {of.days.map((d, i) => {
        const rest = d.off || weekday(d.day) === 0 || weekday(d.day) === 6;
        return (
          <button
            key={d.day}
            type="button"
            disabled={over}
            aria-pressed={picks[0] === i}
            aria-label={`${weekdayName(d.day)} ${dayOfMonth(d.day)}${rest ? ", not worked" : ""}${d.wet ? ", wet" : ""}`}
            className={`flex min-h-16 flex-col items-center justify-center border ${picks[0] === i ? "border-wax bg-due" : "border-line"} ${rest ? "bg-paper text-mute" : "bg-sheet"}`}
            onClick={() => pick(i)}
          >
            <span className="tight text-[17px] font-semibold">{dayOfMonth(d.day)}</span>
            <span className="text-[12px]">
              {[d.day === of.set ? "set" : "", d.wet ? "wet" : "", d.lowC !== null && d.lowC < 5 ? "cold" : ""]
                .filter(Boolean)
                .join(", ") || " "}
            </span>
          </button>
        );
      })}
    </div>
  );
}

function BenchSheet({ of }: { readonly of: Of<"bench"> }) {
  const k = 480 / Math.max(of.sheet.width, of.sheet.height);
  const [w, h] = [of.sheet.width * k, of.sheet.height * k];
  const [pw, ph] = [of.pane.width * k, of.pane.height * k];
  const text = (length: number): string => writeLength(mm(length), of.unit, { places: 0, ticks: 16 });
  return (
    <svg
      viewBox={`0 0 ${w + 60} ${h + 60}`}
      className="max-h-[60dvh] w-full"
      role="img"
      aria-label={`A sheet with a pane of ${text(of.pane.width)} by ${text(of.pane.height)} marked out in its corner`}
    >
      <rect x={20} y={20} width={w} height={h} className="d-pane" />
      <path d={`M${20 + pw} 20v${h}M20 ${20 + h - ph}h${w}`} className="d-line" strokeDasharray="6 4" />
      <rect x={20} y={20 + h - ph} width={pw} height={ph} fill="none" stroke="var(--wax)" strokeWidth={2} />
      <circle cx={20} cy={20 + h} r={6} fill="var(--ink)" />
      <text x={20 + pw / 2} y={20 + h - ph / 2} textAnchor="middle" className="d-text !text-[16px]">
        {text(of.pane.width)} × {text(of.pane.height)}
      </text>
    </svg>
  );
}

function Sash({ of }: { readonly of: Of<"sash"> }) {
  const k = 380 / Math.max(of.widthMm, of.heightMm);
  // Drawn eight times lower than it hangs, so that it is seen.
  const seen = sashCorners({ widthMm: of.widthMm, heightMm: of.heightMm }, 8 * of.dropMm);
  const at = (p: { readonly x: number; readonly y: number }) => `${70 + p.x * k} ${430 - p.y * k}`;
  return (
    <svg
      viewBox="0 0 520 500"
      className="max-h-[60dvh] w-full"
      role="img"
      aria-label="A sash that hangs down at its handle"
    >
      <rect
        x={70}
        y={430 - of.heightMm * k}
        width={of.widthMm * k}
        height={of.heightMm * k}
        fill="none"
        stroke="var(--line)"
        strokeDasharray="5 5"
      />
      <path d={`M${seen.map(at).join("L")}z`} className="d-pane" strokeWidth={2} />
      {[0.15, 0.85].map((s) => (
        <rect key={s} x={58} y={430 - of.heightMm * k * s - 14} width={12} height={28} fill="var(--ink)" />
      ))}
      <text x={62} y={462} className="d-mute !text-[15px]">
        hinges
      </text>
      <text x={70 + of.widthMm * k} y={475} textAnchor="end" className="d-mute !text-[15px]">
        handle; its drop is drawn eight times larger
      </text>
    </svg>
  );
}
