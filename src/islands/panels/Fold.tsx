import { createContext, type ReactElement, type ReactNode, useContext, useState } from "react";
import { Part } from "./Part.tsx";

type Props = {
  readonly title: string | ReactElement;
  /** Beside the title: what is in it, in a few words. */
  readonly more?: string | ReactElement | false | null | undefined;
  /** A line of its own in the station, or a small matter inside a part. */
  readonly as?: "line" | "small";
  readonly children: ReactNode;
};

const UnfoldedContext = createContext(false);

/** Where there is room, a line that would be folded stands open. */
export const Unfolded = UnfoldedContext.Provider;

/** Something that is not always needed. What is in it is made only once it is opened: a key redraws none of it before. */
export function Fold({ title, more, as = "line", children }: Props) {
  const [open, setOpen] = useState(false);
  if (useContext(UnfoldedContext) && as === "line")
    return (
      <Part title={title} more={more}>
        {children}
      </Part>
    );
  return (
    <details
      className={as === "line" ? "border-t border-line pt-2" : ""}
      onToggle={(e) => setOpen(e.currentTarget.open)}
    >
      <summary className={as === "line" ? "cursor-pointer font-semibold" : "cursor-pointer text-[13px] underline"}>
        {title}
        {more && <span className="pl-2 text-[13px] font-normal text-mute">{more}</span>}
      </summary>
      {open && <div className="space-y-2 pt-2">{children}</div>}
    </details>
  );
}
