import pino from "pino";

/** The server's own log, to its error stream. What users typed never goes in it. */
export const log = pino({ level: process.env["LOG_LEVEL"] ?? "warn", base: null }, pino.destination(2));
