/* While the house cannot be reached, or takes its time: what is read is kept in this browser, the work goes on, and all of it
 is brought home in order. Each reading has its key, so that none is kept twice. */
import { $, one } from "../dom.js";
import { ask, knowsSteps, next, rungOf } from "./ask.js";
import { changed } from "./has.js";
import { order, others, put, same, shelve, shelved } from "./shelf.js";
import { forget, here, remember, restore } from "./typed.js";

const AGAIN = 3000;
let since = "";
let full = false;
let going = false;
/* The reading that is on its way, and whether somebody typed on before it was answered. */
let flying = null;

function clock() {
  const now = new Date();
  return String(now.getHours()).padStart(2, "0") + ":" + String(now.getMinutes()).padStart(2, "0");
}

function count(many) {
  return many === 1 ? "1 reading is" : many + " readings are";
}

function words(list) {
  const refused = list.find((each) => each.refused);
  if (since) {
    return (
      (full ? "The disk of the house is full" : "Not reached") + " since " + since + ". Go on; " + (list.length ? count(list.length) + " kept here." : "what you read is kept here.")
    );
  }
  if (refused) return "The house did not take “" + refused.text + "” for " + refused.step + (refused.side ? ", " + refused.side : "") + ".";
  if (list.length) return count(list.length) + " kept here, not yet in the house.";
  return others()
    .map((other) => count(other.count) + " kept here for " + other.who + ", who signs in to bring them home.")
    .join(" ");
}

function tell() {
  const alone = $("alone");
  const list = shelved();
  if (!alone) return;
  alone.textContent = words(list);
  alone.hidden = !alone.textContent;
  const refused = list.find((each) => each.refused);
  if (refused && !since) {
    const way = document.createElement("a");
    way.href = path(refused);
    way.textContent = "Take it up";
    alone.append(" ", way);
  }
  const kept = $("kept");
  if (kept && list.length) kept.textContent = "kept here, not yet in the house";
  list.forEach(mark);
}

/* The rung of a reading that is kept here shows what was typed. */
function mark(each) {
  const rung = rungOf(each.step);
  if (!rung) return;
  const values = rung.querySelector("[data-vals]");
  if (values) {
    values.textContent = shelved()
      .filter((other) => other.step === each.step)
      .map((other) => other.text)
      .join("  ");
  }
  rung.classList.remove("to-come", "locked");
  delete rung.dataset.waits;
  changed(rung);
}

const path = (place) =>
  location.pathname + "?step=" + place.step + (place.side ? "&side=" + place.side : "");

/* The page anew at the step that stands on the screen, with what is typed there. */
function refresh(place) {
  return window.htmx.ajax("GET", place ? path(place) : location.pathname + location.search, {
    target: "#measure",
    swap: "outerHTML",
  });
}

function fieldsOf(form) {
  const { step, side, text, key, confirm, then, play, tool, sure, round } = Object.fromEntries(new FormData(form));
  return { step, side: side || "", text, key, confirm, then, play: play || "", tool: tool || "", sure: sure || "", round: round || "", url: form.getAttribute("action") };
}

function keepHere(form) {
  const fields = fieldsOf(form);
  if (!shelve(fields)) return;
  forget(fields);
  if (knowsSteps()) ask(next(fields));
  tell();
}

function signedOut() {
  since = "";
  tell();
  const alone = $("alone");
  if (!alone) return;
  alone.hidden = false;
  alone.textContent =
    "The house asks you to sign in again. " +
    (shelved().length ? count(shelved().length) + " kept here; " : "") +
    "load this page anew.";
}

/* What the house refuses stays on the shelf, first, until it is mended or cleared; what was read after it waits. */
function refused(fields) {
  remember(fields, fields.text);
  shelve({ ...fields, refused: true }, true);
}

const mended = (place) => put(shelved().filter((each) => !(each.refused && same(each, place))));

async function bring(each) {
  const token = one("input[name=_csrf]");
  const body = new URLSearchParams({
    step: each.step,
    text: each.text,
    key: each.key,
    confirm: each.confirm || "",
    then: "go",
    play: each.play || "",
    tool: each.tool || "",
    sure: each.sure || "",
    round: each.round || "",
    _csrf: token ? token.value : "",
  });
  if (each.side) body.set("side", each.side);
  return fetch(each.url, { method: "POST", body, headers: { "HX-Request": "true", "HX-Target": "measure" } });
}

/* In order, one after the other. The screen stays at its step; only where nothing is typed it turns to what was refused. */
async function bringHome() {
  if (going || flying || !shelved().length || shelved()[0].refused) return;
  going = true;
  try {
    for (let list = shelved(); list.length; list = shelved()) {
      const answer = await bring(list[0]);
      if (answer.status === 401 || answer.status === 403) {
        signedOut();
        return;
      }
      if (!answer.ok && answer.status !== 422) {
        since = since || clock();
        tell();
        return;
      }
      put(shelved().filter((each) => each.key !== list[0].key));
      if (answer.status === 422) {
        refused(list[0]);
        break;
      }
    }
    since = "";
    const first = shelved()[0];
    await refresh(first && first.refused && !($("entry") && $("entry").value) ? first : here());
  } catch (e) {
    since = since || clock();
    tell();
  } finally {
    going = false;
  }
}

/* Whoever types before the answer is there types for the step that comes: the screen turns to it first. */
function typingAhead() {
  if (!flying || flying.ahead || !knowsSteps() || !$("entryform")) return;
  flying.ahead = true;
  forget(flying);
  ask(next(flying));
}

document.addEventListener("misura:typing", typingAhead);
document.addEventListener("beforeinput", (event) => {
  if (event.target === $("entry")) typingAhead();
});
document.addEventListener("misura:typed", (event) => {
  if (!event.detail.text && mended(event.detail.place)) tell();
});
document.addEventListener(
  "submit",
  (event) => {
    if (event.target.id !== "entryform" || !flying || !flying.ahead) return;
    event.preventDefault();
    event.stopImmediatePropagation();
    keepHere(event.target);
  },
  true,
);

const sender = (event) => event.detail.requestConfig && event.detail.requestConfig.elt;
const isEntry = (event) => Boolean(sender(event)) && sender(event).id === "entryform";

document.addEventListener("htmx:beforeRequest", (event) => {
  if (!isEntry(event)) return;
  flying = { ...fieldsOf(sender(event)), ahead: false };
  remember(flying, flying.text, flying.key);
});
document.addEventListener("htmx:beforeSwap", (event) => {
  if (!isEntry(event) || !flying) return;
  const sent = flying;
  if (event.detail.xhr.status < 300) {
    mended(sent);
    forget(sent);
  }
  const status = event.detail.xhr.status;
  if (status >= 400 && status !== 422) return;
  flying = null;
  if (!sent.ahead) return;
  event.detail.shouldSwap = false;
  if (status === 422) refused(sent);
  refresh(here());
});
document.addEventListener("htmx:sendError", (event) => {
  since = since || clock();
  if (isEntry(event) && flying) {
    const { ahead, ...sent } = flying;
    flying = null;
    if (ahead) shelve(sent, true);
    else keepHere(sender(event));
  }
  tell();
});
document.addEventListener("htmx:responseError", (event) => {
  const status = event.detail.xhr.status;
  const out = status === 401 || status === 403;
  const away = status === 503 || status === 507;
  if (isEntry(event) && flying) {
    if (away && !flying.ahead) keepHere(sender(event));
    else if (flying.ahead || out) shelve(flying, true);
  }
  if (out) signedOut();
  else if (shelved().length) {
    since = since || clock();
    full = status === 507;
    tell();
  }
});
document.addEventListener("htmx:afterRequest", (event) => {
  const answered = event.detail.xhr && event.detail.xhr.status;
  if (isEntry(event) && answered) flying = null;
  if (answered && since && !shelved().length) {
    since = "";
    tell();
  }
});
document.addEventListener("htmx:afterSwap", (event) => {
  if (!event.detail.target || event.detail.target.id !== "measure") return;
  restore();
  tell();
  bringHome();
});
window.addEventListener("online", bringHome);
setInterval(() => {
  if (since) bringHome();
}, AGAIN);

if (order()) {
  tell();
  bringHome();
}
