import { aftercareDownload } from "../../../server/http/aftercare-download.ts";

export const GET = aftercareDownload;
