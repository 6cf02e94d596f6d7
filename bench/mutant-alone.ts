import { spawnSync } from "node:child_process";
import { readFileSync, writeFileSync } from "node:fs";

/** A fault where it lies, lines and columns from 1. */
export type Fault = {
  readonly file: string;
  readonly replacement?: string;
  readonly location: Readonly<Record<"start" | "end", { readonly line: number; readonly column: number }>>;
};

/**
 * Text with one stretch of it replaced. Lines and columns from 1, the end not within.
 * @example "a < b", 1:3 to 1:4 by ">=" // "a >= b"
 */
export function replaced(text: string, { location, replacement = "" }: Omit<Fault, "file">): string {
  const starts = [0];
  for (let i = text.indexOf("\n"); i >= 0; i = text.indexOf("\n", i + 1)) starts.push(i + 1);
  const at = ({ line, column }: { readonly line: number; readonly column: number }): number =>
    (starts[line - 1] ?? text.length) + column - 1;
  return text.slice(0, at(location.start)) + replacement + text.slice(at(location.end));
}

/**
 * Whether the tests find a fault that is put in by itself and run in a process of its own. The quick run tries many in one
 * process and asks only the tests that it saw pass by a line: it loses some. The file is put back whatever happens.
 */
export function foundAlone(fault: Fault, vitestConfig: string): boolean {
  const was = readFileSync(fault.file, "utf8");
  try {
    writeFileSync(fault.file, replaced(was, fault));
    return (
      spawnSync("npx", ["vitest", "run", "--config", vitestConfig, "--bail", "1"], { stdio: "ignore" }).status !== 0
    );
  } finally {
    writeFileSync(fault.file, was);
  }
}
