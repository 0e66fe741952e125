/* What is typed belongs to the step, the person and the order it was typed for, until it is kept or cleared: through a
 reload, a lost line, another step in between. */
import { $ } from "../dom.js";
import { by, order } from "./shelf.js";

const TYPED = "misura.typed.";
const DAY = 24 * 60 * 60 * 1000;
const name = (place) => [TYPED + by(), order(), place.step, place.side || ""].join(".");

/* The step and the side that the entry on the screen is for; null where nothing is entered. */
export function here() {
  const form = $("entryform");
  return form ? { step: form.elements.step.value, side: form.elements.side ? form.elements.side.value : "" } : null;
}

export function remember(place, text) {
  try {
    if (text) localStorage.setItem(name(place), JSON.stringify({ text, at: Date.now() }));
    else localStorage.removeItem(name(place));
  } catch (e) {
    // a browser that keeps nothing shows at least what stands in the entry
  }
}

export const forget = (place) => remember(place, "");

export function typedFor(place) {
  try {
    return JSON.parse(localStorage.getItem(name(place)) || "{}").text || "";
  } catch (e) {
    return "";
  }
}

/* Puts what was typed for the step on the screen back into its entry, and has it heard. */
export function restore() {
  const entry = $("entry");
  const place = here();
  if (!entry || !place || entry.value) return;
  const text = typedFor(place);
  if (!text) return;
  entry.value = text;
  entry.dispatchEvent(new Event("input", { bubbles: true }));
}

function clearOld() {
  Object.keys(localStorage)
    .filter((each) => each.startsWith(TYPED))
    .forEach((each) => {
      try {
        if (Date.now() - JSON.parse(localStorage.getItem(each)).at > DAY) localStorage.removeItem(each);
      } catch (e) {
        localStorage.removeItem(each);
      }
    });
}

document.addEventListener("input", (event) => {
  const place = here();
  if (!place || event.target !== $("entry")) return;
  remember(place, event.target.value);
  document.dispatchEvent(new CustomEvent("misura:typed", { detail: { place, text: event.target.value } }));
});

clearOld();
restore();
