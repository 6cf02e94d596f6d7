import { GetBackups, PostBackup } from "../../contract/backups.ts";
import { listBackups, makeBackup } from "../../server/backups.ts";
import { endpoint, notAllowed } from "../../server/http/endpoint.ts";

export const GET = endpoint(GetBackups, listBackups);
export const POST = endpoint(PostBackup, makeBackup);
export const ALL = notAllowed("GET", "POST");
