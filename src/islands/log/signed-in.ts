import { useSyncExternalStore } from "react";

const cookie = (name: string): string | null => {
  const found = new RegExp(`(?:^|; )${name}=([^;]+)`).exec(document.cookie)?.[1];
  return found === undefined ? null : decodeURIComponent(found);
};

/** Whose name stands on what is written here, where somebody is signed in; null where nobody has to be. */
export const signedName = (): string | null =>
  typeof document === "undefined" || cookie("signed") === null ? null : cookie("who");

/** The same, for a page: nothing is known of it while the server draws. */
export const useSignedName = (): string | null =>
  useSyncExternalStore(
    () => () => undefined,
    signedName,
    () => null,
  );
