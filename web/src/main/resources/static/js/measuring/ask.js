/* Asks for the next step without the house: while it cannot be reached, or before its answer is there. */
import { $, all, one } from "../dom.js";
import { changed } from "./has.js";
import { order, same, shelved } from "./shelf.js";
import { newKey, taken } from "./typed.js";

let steps = [];
export const knowsSteps = () => steps.length > 0;

if (order()) {
  fetch(location.pathname + "/steps")
    .then((answer) => answer.json())
    .then((list) => {
      steps = list;
    })
    .catch(() => {});
}

/* What stands for a step on the ladder: its rung, or its tick where its part is folded. */
export const rungOf = (label) => $("rung-" + label) || one("i[data-rung='" + label + "']");

const tries = (place) => shelved().filter((each) => same(each, place)).length;

/* What comes after a reading. @param read the reading, which may lie on the shelf or be on its way */
export function next(read) {
  const at = steps.findIndex((each) => each.label === read.step);
  const own = steps[at];
  const rung = rungOf(read.step);
  const first = own.tries > 1 && rung && "waits" in rung.dataset && tries(read) < own.tries;
  if (read.then === "again" || first) return { step: own, side: read.side || "" };
  const waits = own.sides.find((side) => side !== read.side && !tries({ step: read.step, side }));
  if (read.side && waits) return { step: own, side: waits };
  const ahead = steps.slice(at + 1).concat(steps.slice(0, at));
  const free = ahead.find((each) => {
    const to = rungOf(each.label);
    return to && "waits" in to.dataset;
  });
  const to = free || ahead[0];
  return { step: to, side: to.sides[0] || "" };
}

function setSide(form, side) {
  if (form.elements.side) form.elements.side.remove();
  if (!side) return;
  const field = document.createElement("input");
  field.type = "hidden";
  field.name = "side";
  field.value = side;
  form.append(field);
}

/* What lies under the tape: as the form says, unless somebody chose otherwise for the step before. */
function lay(form, before, after) {
  const select = form.elements.play;
  if (!select) return;
  select.closest("[data-lay]").hidden = !after.play;
  select.disabled = !after.play;
  if (after.play && (!before || !before.play || select.value === before.play)) select.value = after.play;
}

function light(label) {
  all("[data-rung].now").forEach((e) => {
    e.classList.remove("now");
    e.removeAttribute("aria-current");
    e.tabIndex = -1;
    changed(e);
  });
  const rung = rungOf(label);
  if (!rung) return;
  rung.classList.add("now");
  rung.setAttribute("aria-current", "step");
  rung.tabIndex = 0;
  changed(rung);
}

/* Turns the screen to a step; what belongs to the one before is hidden until the house sends it anew. */
export function ask(to) {
  const form = $("entryform");
  const words = { ...to.step, place: to.step.place + (to.side ? " · " + to.side : "") };
  all("[data-says]").forEach((e) => {
    e.textContent = words[e.dataset.says];
  });
  lay(form, steps.find((each) => each.label === form.elements.step.value), to.step);
  if (form.elements.tool) form.elements.tool.disabled = true;
  if (form.elements.sure) form.elements.sure.checked = false;
  if (form.elements.step.value !== to.step.label) form.elements.round.value = "";
  form.elements.step.value = to.step.label;
  setSide(form, to.side);
  newKey(form);
  form.elements.confirm.value = "";
  const entry = $("entry");
  entry.value = taken(form);
  entry.setAttribute("aria-label", to.step.label + " " + to.step.name + (to.side ? ", " + to.side : ""));
  entry.removeAttribute("aria-invalid");
  if (to.step.words) entry.dataset.words = "true";
  else delete entry.dataset.words;
  entry.inputMode = to.step.words ? "text" : "decimal";
  const heard = $("heard");
  heard.className = "soft";
  heard.textContent = "";
  all("[data-of-step], [data-turns] > *").forEach((e) => {
    e.hidden = true;
    changed(e);
  });
  light(to.step.label);
  document.title = to.step.label + " " + to.step.name + " · Misura";
  entry.focus();
}
