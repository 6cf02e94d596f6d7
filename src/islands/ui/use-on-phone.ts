import { useSyncExternalStore } from "react";

/** Where a thumb picks instead of a mouse: narrower than 640 px. */
const PHONE = "(max-width: 639.98px)";

/** Whether the page stands on a phone now; turning it on its side counts. The server says no, and the page mends it. */
export const useOnPhone = (): boolean =>
  useSyncExternalStore(
    (tell) => {
      const media = window.matchMedia(PHONE);
      media.addEventListener("change", tell);
      return () => media.removeEventListener("change", tell);
    },
    () => window.matchMedia(PHONE).matches,
    () => false,
  );
