import { quoteDownload } from "../../../../server/http/quote-download.ts";

export const GET = quoteDownload;
