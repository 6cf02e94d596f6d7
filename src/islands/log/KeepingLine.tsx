import { useStore } from "@nanostores/react";
import { lazy, Suspense, useEffect } from "react";
import { counted } from "../../core/text/counted.ts";
import type { Prefs } from "../../core/words/prefs.ts";
import { handsStill } from "../device/hands-still.ts";
import { bringUp } from "../device/keep-rounds.ts";
import { keepApplication, loadNewerVersion, newerVersion } from "../device/newer-version.ts";
import { askToPersist } from "../device/room.ts";
import { signal } from "../device/signal.ts";
import { Sheet } from "../ui/Sheet.tsx";
import { type Keeping, theCourier } from "./courier.ts";
import { showsKept } from "./shows-kept.ts";

/** The page has been read and drawn by then. */
const AFTER_THE_PAGE_MS = 1500;
const BRING_UP_MS = 60_000;
const loadWhatWaits = () => import("./WhatWaits.tsx");
const WhatWaits = lazy(() => loadWhatWaits().catch(() => ({ default: NotHere })));

/** Where the rest of the page never came, because the signal went first. */
function NotHere() {
  return <p>It is kept on this device. Load this page again when there is a signal to see it one by one.</p>;
}

/** How what was written here stands, in a word; empty while all of it is in the file. */
function inAWord(k: Keeping, isGone: boolean): string {
  if (k.notKept) return `${k.waiting} not kept: leave this page open`;
  if (k.unsaved > 0 && k.why) return "keeping…";
  const photos = k.photos > 0 ? ` and ${counted(k.photos, "photo")}` : "";
  if (k.waiting > 0 && k.why?.kind === "no-answer") return `no signal, ${k.waiting}${photos} kept here`;
  if (k.waiting > 0 && k.why?.kind === "said") return `${k.waiting} kept here, not sent`;
  return isGone ? "no signal" : "";
}

/** Whether what was written on this device is in the firm's file, on every page; and what the server would not take. */
export function KeepingLine({ prefs }: { readonly prefs: Prefs }) {
  const courier = theCourier();
  const keeping = useStore(courier.keeping, { ssr: "initial" });
  const open = useStore(showsKept, { ssr: "initial" });
  const setOpen = (now: boolean) => showsKept.set(now);
  useEffect(() => courier.start(), [courier]);
  useEffect(() => {
    const later = setTimeout(async () => {
      await handsStill();
      void loadWhatWaits().catch(() => undefined);
      keepApplication();
      void askToPersist();
      void bringUp().catch(() => undefined);
    }, AFTER_THE_PAGE_MS);
    const again = setInterval(
      () => document.visibilityState === "visible" && void bringUp().catch(() => undefined),
      BRING_UP_MS,
    );
    return () => {
      clearTimeout(later);
      clearInterval(again);
    };
  }, []);
  const word = inAWord(keeping, useStore(signal, { ssr: "initial" }) === "gone");
  const isNewer = useStore(newerVersion, { ssr: "initial" });
  const { refused } = keeping;
  return (
    <>
      <output
        className="text-[13px] leading-tight empty:hidden"
        aria-live="polite"
        data-unsent={keeping.unsaved + keeping.waiting}
      >
        {word && (
          <button type="button" className="min-h-11 px-1 text-left underline" onClick={() => setOpen(true)}>
            {word}
          </button>
        )}
      </output>
      {isNewer && (
        <button
          type="button"
          className="min-h-11 px-1 text-left text-[13px] leading-tight underline"
          onClick={loadNewerVersion}
        >
          <span className="max-sm:sr-only">A newer version is here: load it</span>
          <span className="sm:hidden" aria-hidden="true">
            load new
          </span>
        </button>
      )}
      {refused.length > 0 && (
        <div role="alert">
          <button
            type="button"
            className="min-h-11 rounded bg-[#bf3b22] px-3 text-left text-[13px] font-semibold leading-tight text-white"
            onClick={() => setOpen(true)}
          >
            {refused.length} not stored
          </button>
        </div>
      )}
      {open && (
        <Sheet title="What waits on this device" close={() => setOpen(false)}>
          {/* The page is there first: this comes after it, and before the signal can be lost. */}
          <Suspense fallback={null}>
            <WhatWaits keeping={keeping} prefs={prefs} />
          </Suspense>
        </Sheet>
      )}
    </>
  );
}
