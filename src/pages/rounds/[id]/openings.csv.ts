import { openingsDownload } from "../../../server/http/openings-download.ts";

export const GET = openingsDownload;
