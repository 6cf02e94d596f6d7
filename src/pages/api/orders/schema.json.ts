import { orderSchema } from "../../../server/http/order-schema.ts";

export const GET = orderSchema;
