import { type InputHTMLAttributes, useId } from "react";

type Props = InputHTMLAttributes<HTMLInputElement> & { readonly label: string; readonly says?: string };

/** One line to be typed, with its name above it, and under it what helps to fill it. */
export function Field({ label, says, ...input }: Props) {
  const id = useId();
  return (
    <div>
      <label className="block">
        <span className="text-[13px] text-mute">{label}</span>
        <input className="w-full" aria-describedby={says && id} {...input} />
      </label>
      {says && (
        <p id={id} className="text-[13px] text-mute">
          {says}
        </p>
      )}
    </div>
  );
}
