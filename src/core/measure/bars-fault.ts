import type { BarsError } from "./bar-places.ts";

/** Why the bars do not make up the glass, and what to do. */
export function barsErrorSentence(e: BarsError): string {
  switch (e.kind) {
    case "unreadable":
      return `“${e.text}” is not a length: give the clear spaces with commas between them.`;
    case "count":
      return `${e.given} spaces are given and these bars leave ${e.wanted}: one more than the bars, each way.`;
    case "sum":
      return `The spaces and bars across the ${e.axis} come to ${Math.abs(e.off).toFixed(1)} mm ${e.off > 0 ? "more" : "less"} than the glass: read them again.`;
    case "no-room":
      return `So many bars leave no glass between them across the ${e.axis}.`;
  }
}
