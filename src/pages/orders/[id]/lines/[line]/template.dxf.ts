import { templateDownload } from "../../../../../server/http/order-download.ts";

export const GET = templateDownload("dxf");
