import { METHODS } from "../../core/ready/methods.ts";
import { MethodCards } from "../parts/MethodCards.tsx";

/** Cards on the small skills of making ready. */
export const Methods = () => <MethodCards title="How it is done" more="cleaning, mixing, masking" methods={METHODS} />;
