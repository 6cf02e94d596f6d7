import { useEffect } from "react";
import { keepRound } from "./keep-rounds.ts";

/** The page has been read and drawn by then, and what it asks for itself has come. */
const AFTER_THE_PAGE_MS = 2000;

/** Keeps the round of a page on this device, so that its pages open without a signal. */
export function useKeepsRound(round: string): void {
  useEffect(() => {
    const later = setTimeout(() => void keepRound(round).catch(() => undefined), AFTER_THE_PAGE_MS);
    return () => clearTimeout(later);
  }, [round]);
}
