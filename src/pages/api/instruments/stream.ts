import { instrumentStream } from "../../../server/http/instrument-stream.ts";

export const GET = instrumentStream;
