import { atom } from "nanostores";

/** Whether what waits and is kept on this device is shown, over whatever page is open. */
export const showsKept = atom(false);
