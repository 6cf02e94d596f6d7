import { getArchive, postArchive } from "../../server/http/archive-files.ts";
import { notAllowed } from "../../server/http/endpoint.ts";

export const GET = getArchive;
export const POST = postArchive;
export const ALL = notAllowed("GET", "POST");
