import { propertyPaper } from "../../server/http/property-download.ts";

export const GET = propertyPaper;
