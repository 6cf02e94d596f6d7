import { notAllowed } from "../../../server/http/endpoint.ts";
import { getPhoto, putPhoto } from "../../../server/http/photo.ts";

export const GET = getPhoto;
export const PUT = putPhoto;
export const ALL = notAllowed("GET", "PUT");
