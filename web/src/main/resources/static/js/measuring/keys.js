/* Digits and Enter always; letters act as keys while the entry is empty, unless somebody switched them off. */
import { $, all, one, press } from "../dom.js";
import { open } from "../dialogs.js";
import { focusEntry, keep, sums, type, typing } from "./entry.js";
import { turn } from "./figure.js";
import { waits } from "./typed.js";

const LETTERS = "misura.letters";
const lettersOn = () => localStorage.getItem(LETTERS) !== "off";

/* To the first step of a part before or after the one that is worked on. */
function part(step) {
  const now = one("[data-rung].now");
  const firsts = all("[data-tick~=first]");
  const own = firsts.findIndex((first) => now && first.dataset.rung.charAt(0) === now.dataset.rung.charAt(0));
  const to = firsts[own + step];
  if (to) location.assign(location.pathname + "?step=" + to.dataset.rung);
}

const commands = {
  x: () => open($("strikedialog")),
  l: () => press("#side-left"),
  r: () => press("#side-right"),
  m: () => press("#mark"),
  "?": () => open($("keysdialog")),
  g: () => press("#wayout"),
  G: () => press("[data-gate]"),
  "[": () => part(-1),
  "]": () => part(1),
  w: sums,
  f: () => turn(1),
};

function isElsewhere(target) {
  return (
    /^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName) && target.type !== "radio" && target !== $("entry")
  );
}

document.addEventListener("keydown", (event) => {
  if (event.ctrlKey || event.metaKey || event.altKey || one("dialog[open]") || isElsewhere(event.target)) return;
  const entry = $("entry");
  const inEntry = entry && event.target === entry;
  if (event.key === "Escape") {
    press("#ladder a[data-own]");
    focusEntry();
    return;
  }
  if (inEntry && event.key === "Enter") {
    event.preventDefault();
    keep(event.shiftKey ? "again" : "go");
    return;
  }
  if (event.key === "ArrowUp" || event.key === "ArrowDown") {
    const to = $(event.key === "ArrowUp" ? "prev" : "next");
    if (to) {
      event.preventDefault();
      to.click();
    }
    return;
  }
  const empty = !entry || (entry.value === "" && !(inEntry && entry.dataset.words));
  if (empty && commands[event.key] && lettersOn()) {
    event.preventDefault();
    commands[event.key]();
    return;
  }
  if (!entry && /^([0-9.,/+ ]|Backspace)$/.test(event.key) && waits(event.key)) {
    event.preventDefault();
    return;
  }
  if (entry && !inEntry && /^[0-9.,]$/.test(event.key)) {
    event.preventDefault();
    entry.focus();
    typing();
    type(entry.value + event.key);
  }
});

const box = $("letters");
if (box) {
  box.checked = lettersOn();
  box.addEventListener("change", () => localStorage.setItem(LETTERS, box.checked ? "on" : "off"));
}
