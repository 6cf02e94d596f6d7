import type { ReactNode } from "react";
import { Said } from "./Said.tsx";

type Props = { readonly title: ReactNode; readonly more?: ReactNode; readonly children: ReactNode };

/** One matter of a station: its name, a word about it, and what there is to do. */
export const Part = ({ title, more, children }: Props) => (
  <section className="apart space-y-2">
    <h2 className="flex flex-wrap items-baseline gap-x-2">
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
