import { CalcPaintWindow } from "../../../contract/calc-paint-window.ts";
import { calcPaintWindow } from "../../../server/calc/paint-window.ts";
import { endpoint, notAllowed } from "../../../server/http/endpoint.ts";

export const POST = endpoint(CalcPaintWindow, calcPaintWindow);
export const ALL = notAllowed("POST");
