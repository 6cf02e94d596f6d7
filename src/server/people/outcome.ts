import { passwordFault } from "../../core/people/account-rules.ts";
import { fail } from "../../core/result.ts";
import type { Outcome, Refusal } from "../http/endpoint.ts";

const refuse = (status: number, code: string, message: string): { readonly ok: false; readonly error: Refusal } =>
  fail({ status, code, message });

export const WRONG = refuse(
  401,
  "wrong",
  "That name and password do not go together. Try again, or ask an owner for a new invitation.",
);

export const waitFirst = (minutes: number) =>
  refuse(429, "too-often", `Too many tries. Wait ${minutes} min, or sign in by a passkey.`);

/** What is wrong with a password as it is told; null where nothing is. */
export function poorPassword(typed: string, name: string): ReturnType<typeof refuse> | null {
  const fault = passwordFault(typed, name);
  if (!fault) return null;
  return refuse(
    422,
    "poor-password",
    fault.kind === "short"
      ? `Take at least ${fault.least} signs: a few words that only you put together are best.`
      : "That is among the first that somebody would try. Take a few words that only you put together.",
  );
}

export const GONE = refuse(410, "ended", "That invitation was used or has ended. Ask whoever sent it for a new one.");
export const NO_SUCH = refuse(404, "unknown-id", "There is nobody of that name here.");

export const refusedAs = <T>(status: number, code: string, message: string): Outcome<T> =>
  refuse(status, code, message);
