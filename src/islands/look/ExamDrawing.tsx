import type { ExamQuestion } from "../../core/look/exam.ts";

/** A small drawing of where to look for each question. */
export function ExamDrawing({ question }: { readonly question: ExamQuestion }) {
  return (
    <svg viewBox="0 0 96 72" className="self-start bg-sheet" aria-hidden="true">
      {drawings[question]}
    </svg>
  );
}

const pane = <path d="M20 6H76V66H20z" className="d-pane" />;
const unit = (
  <>
    <path d="M36 6h5v60h-5zM55 6h5v60h-5z" className="d-pane" />
    <path d="M41 58h14v8h-14z" className="d-packer" />
  </>
);
const sash = (
  <>
    <path d="M14 4H82V68H14z" className="d-frame" />
    <path d="M22 12H74V60H22z" className="d-pane" />
  </>
);

const drawings: Readonly<Record<ExamQuestion, React.ReactNode>> = {
  kind: (
    <>
      {unit}
      <path d="M12 40q-3 -8 0 -14q5 7 4 10q0 4 -4 4z" className="d-ease" />
      <path d="M16 34H90" className="d-line" strokeDasharray="3 3" />
      <path d="M38 30v8M57 30v8" className="d-asked" />
    </>
  ),
  near: (
    <>
      {unit}
      <path d="M60 18L66 30L61 40L68 54" className="d-asked" />
      <text x={88} y={16} textAnchor="end" className="d-mute !text-[11px]">
        room
      </text>
    </>
  ),
  far: (
    <>
      {unit}
      <path d="M36 18L30 30L35 40L28 54" className="d-asked" />
      <text x={6} y={16} className="d-mute !text-[11px]">
        out
      </text>
    </>
  ),
  mist: (
    <>
      {pane}
      <path
        d="M28 50q8 -8 16 0t16 0M30 40q6 -6 12 0t12 0M34 58q6 -6 12 0t12 0"
        className="d-line"
        fill="none"
        opacity={0.5}
      />
      <path d="M54 14l14 14M50 20l12 12" className="d-asked" />
    </>
  ),
  water: (
    <>
      {unit}
      <path d="M42 52h12v6h-12z" className="d-ease" />
      <path d="M70 20L50 54" className="d-line" strokeDasharray="3 3" />
    </>
  ),
  crack: (
    <>
      {pane}
      <path d="M76 34H60L48 44L34 40L20 52" className="d-asked" fill="none" />
      <circle cx={76} cy={34} r={4} className="d-ease" />
    </>
  ),
  close: (
    <>
      <path d="M30 6h5v60h-5z" className="d-pane" />
      <path d="M48 8v56M48 12h10M48 22h10M48 32h10M48 42h10M48 52h10M48 62h10" className="d-line" />
      <path d="M35 36h13" className="d-asked" />
    </>
  ),
  opens: (
    <>
      {sash}
      <path d="M70 16L26 36L70 56" className="d-line" strokeDasharray="4 3" fill="none" />
    </>
  ),
  "head-gap": (
    <>
      <path d="M8 2H88V14H8z" className="d-frame" />
      <path d="M12 18L84 24V70H12z" className="d-frame" />
      <path d="M24 30L72 34V62H24z" className="d-pane" />
      <path d="M14 14v4M82 14v10" className="d-asked" />
    </>
  ),
  moves: (
    <>
      {sash}
      <circle cx={66} cy={52} r={5} className="d-ease" />
      <path d="M88 68L70 56" className="d-line" />
    </>
  ),
  bed: (
    <>
      <path d="M10 44H86V68H10z" className="d-frame" />
      <path d="M44 6h5v40h-5z" className="d-pane" />
      <path d="M44 24L24 44H44z" className="d-face" />
      <path d="M22 20L32 34" className="d-asked" />
    </>
  ),
  stamp: (
    <>
      {pane}
      <path d="M60 50h12v12H60z" className="d-asked" fill="none" />
      <path d="M63 54h6M63 58h6" className="d-line" />
    </>
  ),
};
