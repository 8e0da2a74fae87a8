/**
 * Puts a text into a field as if it had been typed: drafts and checks hear of it. The field has the focus
 * after it.
 */
export function putText(
  field: HTMLTextAreaElement | HTMLInputElement,
  text: string,
  how: "replace" | "below",
): void {
  const there = field.value.trimEnd();
  const whole = how === "below" && there !== "" ? `${there}\n\n${text}` : text;
  field.focus();
  field.setRangeText(whole, 0, field.value.length, "start");
  field.dispatchEvent(new Event("input", { bubbles: true }));
}

/**
 * A name for the item from that of its file: "harbour_seal-v2.pdf" gives "Harbour seal v2". Photos have none.
 */
export function nameFromFile(file: string): string {
  const words = file
    .replace(/\.\w{1,8}$/, "")
    .replace(/[_\-.]+/g, " ")
    .trim();
  // What a telephone or a scanner calls its pictures says nothing.
  if (/^(?:\d+ photos|(?:img|dsc|pxl|scan|photo|image|screenshot|document)?[\s\d]*)$/i.test(words)) return "";
  return words.charAt(0).toUpperCase() + words.slice(1, 120);
}
