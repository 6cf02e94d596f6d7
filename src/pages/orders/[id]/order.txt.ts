import { orderDownload } from "../../../server/http/order-download.ts";

export const GET = orderDownload("text");
