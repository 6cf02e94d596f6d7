import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { carriesScript, photoErrorSentence, photoType } from "./kinds.ts";

const bytes = (text: string): Uint8Array => new TextEncoder().encode(text);

describe("what a file really is", () => {
  it.each([
    ["JPEG", new Uint8Array([0xff, 0xd8, 0xff, 0xe0]), "image/jpeg"],
    ["PNG", new Uint8Array([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a]), "image/png"],
    ["WebP", bytes("RIFF1234WEBPVP8 "), "image/webp"],
    ["another RIFF", bytes("RIFF1234WAVEfmt "), null],
    ["SVG", bytes("<svg xmlns="), null],
    ["GIF", bytes("GIF89a"), null],
    ["text", bytes("width 612"), null],
    ["nothing", new Uint8Array(), null],
    ["cut off in its mark", new Uint8Array([0x89, 0x50]), null],
  ])("%s", (_, file, type) => expect(photoType(file)).toBe(type));
  it("a script is found wherever it stands, however it is written", () => {
    fc.assert(
      fc.property(
        fc.uint8Array({ maxLength: 300 }),
        fc.uint8Array({ maxLength: 300 }),
        fc.constantFrom("<script>", "<SCRIPT", "<ScRiPt src"),
        (before, after, script) => {
          expect(carriesScript(new Uint8Array([...before, ...bytes(script), ...after]))).toBe(true);
        },
      ),
    );
  });
  it("near misses are none", () => {
    for (const text of ["<scrip", "script>", "< script", "<scriqt"]) expect(carriesScript(bytes(text))).toBe(false);
  });
  it("every refusal says what to do", () => {
    for (const kind of ["not-a-photo", "script", "broken", "empty"] as const)
      expect(photoErrorSentence({ kind }).split(". ").length).toBeGreaterThan(1);
    expect(photoErrorSentence({ kind: "too-large", mb: 30 })).toContain("30 MB");
    expect(photoErrorSentence({ kind: "too-large", mb: 3000 })).toContain("over 100 MB");
  });
});
