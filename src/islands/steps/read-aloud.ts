/**
 * Says a text by the device's own voice, for a phone that hangs from the ladder. Nothing leaves the device. What was being
 * said is cut short: the new text is what is wanted now.
 */
export function readAloud(text: string): void {
  if (typeof speechSynthesis === "undefined") return;
  speechSynthesis.cancel();
  speechSynthesis.speak(new SpeechSynthesisUtterance(text));
}
