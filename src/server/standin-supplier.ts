import type { z } from "zod";
import type { GetStandinOrder, PostStandinAnswer, PostStandinOrder, TheirStateSchema } from "../contract/standin.ts";
import type { TheirState } from "../core/order/port.ts";
import { fail, ok } from "../core/result.ts";
import { day } from "../core/units/day.ts";
import { changeKept } from "../db/standin-orders.ts";
import { answered, askedOn, type Kept, stateOf, take } from "../standins/supplier.ts";
import type { Outcome } from "./http/endpoint.ts";
import { theDatabase } from "./the-database.ts";

type State = z.output<typeof TheirStateSchema>;

const said = (kept: Kept | null, key: string): Outcome<State> =>
  kept
    ? ok(structuredClone(stateOf(kept)) as State)
    : fail({ status: 404, code: "unknown-id", message: `No order was handed in under ${key}.` });

export const takeOrder = (order: z.output<NonNullable<typeof PostStandinOrder.input>>): Outcome<State> =>
  said(
    changeKept<Kept>(theDatabase(), order.key, (kept) => take({ ...order, day: day(order.day) }, kept)),
    order.key,
  );

export const takeAnswer = (answer: z.output<NonNullable<typeof PostStandinAnswer.input>>): Outcome<State> =>
  said(
    changeKept<Kept>(theDatabase(), answer.key, (kept) => kept && answered(kept, answer.answer, day(answer.day))),
    answer.key,
  );

export const tellState = (asked: z.output<NonNullable<typeof GetStandinOrder.input>>): Outcome<State> =>
  said(
    changeKept<Kept>(theDatabase(), asked.key, (kept) => kept && askedOn(kept, day(asked.day))),
    asked.key,
  );

/** How an order stands as of the newest day on which anybody asked; null where there is none. */
export function standinState(key: string): TheirState | null {
  const kept = changeKept<Kept>(theDatabase(), key, (k) => k);
  return kept && stateOf(kept);
}
