import { standinNote } from "../../../../server/http/standin-note.ts";

export const GET = standinNote;
