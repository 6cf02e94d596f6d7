import { type ReactNode, useEffect, useRef } from "react";
import { FOCUSABLE } from "./keep-focus.ts";

type Props = {
  readonly title: string;
  readonly close: () => void;
  readonly children: ReactNode;
  readonly hides?: boolean;
};

/** Gives the focus back to what opened a sheet, unless something has it already. */
const giveBack = (opener: HTMLElement) => {
  if (document.activeElement === document.body && opener.isConnected) opener.focus({ preventScroll: true });
};

/**
 * By keys one begins at what stands already, or at the first thing of the sheet, and not at its Close. Under a finger the
 * phone's own keys would come up.
 */
const startIn = (content: HTMLElement | null) => {
  if (!content || content.contains(document.activeElement) || !window.matchMedia("(pointer: fine)").matches) return;
  const first = content.querySelector<HTMLElement>('[aria-pressed="true"]') ?? content.querySelector(FOCUSABLE);
  if (first instanceof HTMLElement) first.focus();
};

/** A sheet laid over the page. Escape, or a tap beside it, takes it off again. It may hide what lies under it. */
export function Sheet({ title, close, children, hides = false }: Props) {
  const dialog = useRef<HTMLDialogElement>(null);
  const content = useRef<HTMLDivElement>(null);
  useEffect(() => {
    const opener = document.activeElement;
    dialog.current?.showModal();
    startIn(content.current);
    // Taken off by what was chosen on it, it is not closed by the browser, which would give the focus back.
    return () => {
      if (opener instanceof HTMLElement) requestAnimationFrame(() => giveBack(opener));
    };
  }, []);
  return (
    // biome-ignore lint/a11y/useKeyWithClickEvents: Escape closes a dialog by itself
    <dialog
      ref={dialog}
      aria-label={title}
      onClose={close}
      onClick={(e) => e.target === dialog.current && dialog.current?.close()}
      className={`m-auto w-[min(40rem,calc(100vw-2rem))] rounded-lg border border-line bg-sheet p-0 text-ink shadow-xl ${hides ? "backdrop:bg-paper" : "backdrop:bg-black/45"}`}
    >
      <div className="space-y-3 p-5">
        <div className="flex items-center justify-between gap-4">
          <h2>{title}</h2>
          <button type="button" className="btn btn-small" onClick={() => dialog.current?.close()}>
            Close
          </button>
        </div>
        <div ref={content} className="space-y-3">
          {children}
        </div>
      </div>
    </dialog>
  );
}
