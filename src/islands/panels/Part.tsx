import type { ReactElement, ReactNode } from "react";
import type { Template } from "../../core/text/template.ts";
import { Said } from "./Said.tsx";

type Props = {
  readonly title: Template | ReactElement;
  readonly more?: Template | ReactElement | false | null | undefined;
  readonly children: ReactNode;
};

/** One matter of a station: its name, a word about it, and what there is to do. */
export const Part = ({ title, more, children }: Props) => (
  <section className="apart space-y-2">
    <h2 className="flex flex-wrap items-baseline gap-x-2 gap-y-1">
      <span className="first-letter:uppercase">{typeof title === "string" ? <Said>{title}</Said> : title}</span>
      {more && (
        <span className="text-[13px] font-normal text-mute [font-stretch:100%]">
          {typeof more === "string" ? <Said>{more}</Said> : more}
        </span>
      )}
    </h2>
    {children}
  </section>
);
