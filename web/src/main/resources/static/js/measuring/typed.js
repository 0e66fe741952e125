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
  return form ? place(form) : null;
}

const place = (form) => ({ step: form.elements.step.value, side: form.elements.side ? form.elements.side.value : "" });

/* Names the next reading: one that is named twice is kept once. */
export function newKey(form) {
  form.elements.key.value = self.crypto.randomUUID ? self.crypto.randomUUID() : String(Date.now()) + Math.random();
}

/* @param key under which it was sent, when no answer has come yet */
export function remember(place, text, key) {
  try {
    if (text) localStorage.setItem(name(place), JSON.stringify({ text, at: Date.now(), key }));
    else localStorage.removeItem(name(place));
  } catch (e) {
    // a browser that keeps nothing shows at least what stands in the entry
  }
}

export const forget = (place) => remember(place, "");

function remembered(place) {
  try {
    return JSON.parse(localStorage.getItem(name(place)) || "{}");
  } catch (e) {
    return {};
  }
}

/* What was typed for the step of the form, ready to be sent: under the key it was sent with before, so that it is kept once
 also where the house has it already and nobody was there for its answer. */
export function taken(form) {
  const { text, key } = remembered(place(form));
  if (key) form.elements.key.value = key;
  return text || "";
}

/* A step that waits for its mark has no entry yet: what is typed for it waits with it. @returns whether there is such a step */
export function waits(key) {
  const form = document.querySelector("form[data-waits]");
  if (!form) return false;
  const at = { step: form.dataset.waits, side: form.dataset.side || "" };
  const { text } = remembered(at);
  if (!text && (key === " " || key === "Backspace")) return false;
  const now = key === "Backspace" ? (text || "").slice(0, -1) : (text || "") + key;
  remember(at, now);
  const shown = $("waiting");
  shown.hidden = !now;
  shown.textContent = now ? "“" + now + "” waits until the mark is set." : "";
  return true;
}

/* Puts what was typed for the step on the screen back into its entry, and has it heard. What the house kept meanwhile is done. */
export function restore() {
  const entry = $("entry");
  const form = $("entryform");
  if (!entry || !form || entry.value) return;
  const { key } = remembered(place(form));
  if (key && (form.dataset.kept || "").split(" ").includes(key)) forget(place(form));
  const text = taken(form);
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
  const at = here();
  const { value } = event.target;
  if (!at || event.target !== $("entry")) return;
  const { text, key } = remembered(at);
  if (key && text !== value) newKey($("entryform"));
  remember(at, value, text === value ? key : undefined);
  document.dispatchEvent(new CustomEvent("misura:typed", { detail: { place: at, text: value } }));
});

clearOld();
restore();
