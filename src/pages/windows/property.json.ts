import { propertyData } from "../../server/http/property-download.ts";

export const GET = propertyData;
