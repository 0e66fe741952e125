/* The one entry of a step: what is typed, by key or by finger, and how it is sent. */
import { $, all, one, onClick } from "../dom.js";

export function focusEntry() {
  const entry = $("entry");
  if (entry) {
    entry.focus();
    const end = entry.value.length;
    entry.setSelectionRange(end, end);
    return;
  }
  const first = one("[data-begin]");
  if (first) first.focus();
}

export function keep(then) {
  const form = $("entryform");
  if (!form) return;
  $("then").value = then;
  form.requestSubmit();
}

/* Said before the entry changes otherwise than by its own keyboard. */
export function typing() {
  document.dispatchEvent(new CustomEvent("misura:typing"));
}

export function type(text) {
  const entry = $("entry");
  entry.value = text;
  entry.dispatchEvent(new Event("input", { bubbles: true }));
}

/* A fraction key adds to the fraction that stands there: a half and a quarter make three quarters. */
function withFraction(text, key) {
  const added = 8 / Number(key.split("/")[1]);
  const m = /^(.*?)(?:^|\s+)?(\d+)\/(2|4|8)$/.exec(text.trim());
  let eighths = added + (m ? (Number(m[2]) * 8) / Number(m[3]) : 0);
  let whole = (m ? m[1] : text).trim();
  if (eighths >= 8) {
    if (!/^\d*$/.test(whole)) return text;
    whole = String(Number(whole || 0) + 1);
    eighths -= 8;
  }
  let parts = 8;
  while (eighths && eighths % 2 === 0) {
    eighths /= 2;
    parts /= 2;
  }
  return [whole, eighths ? eighths + "/" + parts : ""].filter((each) => each).join(" ");
}

/* A word behind what is typed, or away again. */
onClick("data-word", (button) => {
  typing();
  const { word } = button.dataset;
  const text = $("entry").value.trim();
  type(text.endsWith(word) ? text.slice(0, -word.length).trim() : (text + " " + word).trim());
  $("entry").focus();
});

export function say(text) {
  const status = one("#measure [role=status]");
  if (status) status.textContent = text;
}

export function sums() {
  const lines = all("[data-sum]").map((li) => li.textContent.trim().replace(/\s+/g, " "));
  say(lines.filter((line) => line).join(". ") || "No sum has this step.");
}

onClick("data-then", (button) => {
  $("then").value = button.dataset.then;
});
onClick("data-still", (button) => {
  $("entry").value = button.dataset.still;
  $("then").value = "go";
});
onClick("data-key", (button) => {
  typing();
  type(button.dataset.key === "clear" ? "" : $("entry").value + button.dataset.key);
});
onClick("data-fraction", (button) => {
  typing();
  type(withFraction($("entry").value, button.dataset.fraction));
});

/* What is typed is kept or cleared by whoever typed it, before the step is left for another reason. */
document.addEventListener("submit", (event) => {
  const entry = $("entry");
  if (!event.target.matches("[data-leaves-entry]") || !entry || !entry.value.trim()) return;
  event.preventDefault();
  event.target.querySelector("[data-held]").textContent =
    "“" + entry.value + "” stands in the entry: keep it or clear it first.";
  entry.focus();
});

document.addEventListener("misura:closed", focusEntry);
document.addEventListener("htmx:afterSwap", (event) => {
  const shown = $("measure");
  if (!shown || !event.detail.target || event.detail.target.id !== "measure") return;
  focusEntry();
  document.title = shown.dataset.name + " · Misura";
});
document.addEventListener("htmx:responseError", (event) => {
  const heard = $("heard");
  if (!heard || [401, 403, 503, 507].includes(event.detail.xhr.status)) return;
  heard.className = "wrong";
  heard.textContent = "The house could not keep this. What you typed stands here; load the page anew.";
});

focusEntry();
