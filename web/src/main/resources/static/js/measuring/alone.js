/* While the house cannot be reached: what is read is kept in this browser, the work goes on, and all of it is brought home
 in order as soon as the house answers. Each reading has its key, so that none is kept twice. */
import { $, all as every, one } from "../dom.js";
import { changed } from "./has.js";

const AGAIN = 3000;
const order = () => {
  const shown = $("measure");
  return shown ? shown.dataset.order : "";
};
/* On a shared tablet each person has a shelf of their own: nothing comes home under another's name. */
const SHELF = "misura.kept-here.";
const by = () => {
  const shown = $("measure");
  return shown ? shown.dataset.by : "";
};
const shelf = () => SHELF + by() + "." + order();
const read = (name) => {
  try {
    return JSON.parse(localStorage.getItem(name) || "[]");
  } catch (e) {
    return [];
  }
};
const all = () => read(shelf());
const others = () =>
  Object.keys(localStorage)
    .filter((name) => name.startsWith(SHELF) && name.endsWith("." + order()) && name !== shelf())
    .map((name) => ({
      who: name.slice(SHELF.length, -order().length - 1),
      count: read(name).length,
    }))
    .filter((other) => other.count > 0);
const put = (list) => {
  if (list.length) localStorage.setItem(shelf(), JSON.stringify(list));
  else localStorage.removeItem(shelf());
};
let steps = [];
let since = "";
let going = false;

function clock() {
  const now = new Date();
  return String(now.getHours()).padStart(2, "0") + ":" + String(now.getMinutes()).padStart(2, "0");
}

function count(list) {
  return list.length === 1 ? "1 reading is" : list.length + " readings are";
}

function tell() {
  const alone = $("alone");
  const list = all();
  if (!alone) return;
  const theirs = others();
  alone.hidden = !since && !list.length && !theirs.length;
  if (!since && !list.length) {
    alone.textContent = theirs
      .map((other) => count({ length: other.count }) + " kept here for " + other.who + ", who signs in to bring them home.")
      .join(" ");
    return;
  }
  alone.textContent = since
    ? "Not reached since " +
      since +
      ". Go on; " +
      (list.length ? count(list) + " kept here." : "what you read is kept here.")
    : count(list) + " kept here, not yet in the house.";
  const kept = $("kept");
  if (kept && list.length) kept.textContent = "kept here, not yet in the house";
  list.forEach(mark);
}

/* The rung of a reading that is kept here shows what was typed. */
function mark(each) {
  const rung = $("rung-" + each.step);
  if (!rung) return;
  const here = all()
    .filter((other) => other.step === each.step)
    .map((other) => other.text)
    .join("  ");
  rung.querySelector("[data-vals]").textContent = here;
  rung.classList.remove("to-come", "locked");
  delete rung.dataset.waits;
  changed(rung);
}

function next(step, side) {
  const at = steps.findIndex((each) => each.label === step);
  const own = steps[at];
  const waits = own.sides.find(
    (each) => each !== side && !all().some((kept) => kept.step === step && kept.side === each),
  );
  if (side && waits) return { step: own, side: waits };
  const ahead = steps.slice(at + 1).concat(steps.slice(0, at));
  const free = ahead.find((each) => {
    const rung = $("rung-" + each.label);
    return rung && "waits" in rung.dataset;
  });
  const to = free || ahead[0];
  return { step: to, side: to.sides[0] || "" };
}

function ask(to) {
  const form = $("entryform");
  const said = { ...to.step, place: to.step.place + (to.side ? " · " + to.side : "") };
  every("[data-says]").forEach((e) => {
    e.textContent = said[e.dataset.says];
  });
  form.elements.step.value = to.step.label;
  if (form.elements.side) form.elements.side.remove();
  if (to.side) {
    const side = document.createElement("input");
    side.type = "hidden";
    side.name = "side";
    side.value = to.side;
    form.append(side);
  }
  form.elements.key.value = self.crypto.randomUUID ? self.crypto.randomUUID() : String(Date.now()) + Math.random();
  form.elements.confirm.value = "";
  const entry = $("entry");
  entry.value = "";
  entry.setAttribute("aria-label", to.step.label + " " + to.step.name + (to.side ? ", " + to.side : ""));
  const heard = $("heard");
  heard.className = "soft";
  heard.textContent = "";
  every("[data-of-step], [data-turns] > *").forEach((e) => {
    e.hidden = true;
    changed(e);
  });
  every("a[data-rung][aria-current]").forEach((e) => {
    e.classList.remove("now");
    e.removeAttribute("aria-current");
    changed(e);
  });
  const rung = $("rung-" + to.step.label);
  if (rung) {
    rung.classList.add("now");
    rung.setAttribute("aria-current", "step");
    changed(rung);
  }
  document.title = to.step.label + " " + to.step.name + " · Misura";
  entry.focus();
}

function shelve(form) {
  const fields = Object.fromEntries(new FormData(form));
  if (!fields.text.trim()) return null;
  const list = all().filter((each) => each.key !== fields.key);
  list.push({
    url: form.getAttribute("action"),
    step: fields.step,
    side: fields.side || "",
    text: fields.text,
    key: fields.key,
    confirm: fields.confirm,
  });
  try {
    put(list);
  } catch (e) {
    return null;
  }
  return fields;
}

function keepHere(form) {
  const fields = shelve(form);
  if (!fields) return;
  since = since || clock();
  if (steps.length) ask(next(fields.step, fields.side || ""));
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
    (all().length ? count(all()) + " kept here; " : "") +
    "load this page anew.";
}

async function bring(each) {
  const token = one("input[name=_csrf]");
  const body = new URLSearchParams({
    step: each.step,
    text: each.text,
    key: each.key,
    confirm: each.confirm || "",
    then: "go",
    _csrf: token ? token.value : "",
  });
  if (each.side) body.set("side", each.side);
  return fetch(each.url, { method: "POST", body, headers: { "HX-Request": "true", "HX-Target": "measure" } });
}

/* In order, one after the other. What the house refuses goes back into the entry, where it can be mended; what was
   read after it stays here until it is. */
async function bringHome() {
  if (going || !all().length) return;
  going = true;
  let refused = null;
  try {
    for (let list = all(); list.length; list = all()) {
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
      put(list.slice(1));
      if (answer.status === 422) {
        refused = list[0];
        break;
      }
    }
    since = "";
    const path =
      location.pathname +
      (refused ? "?step=" + refused.step + (refused.side ? "&side=" + refused.side : "") : location.search);
    await window.htmx.ajax("GET", path, { target: "#measure", swap: "outerHTML" });
    if (refused && $("entry")) {
      $("entry").value = refused.text;
      $("entry").dispatchEvent(new Event("input", { bubbles: true }));
    }
  } catch (e) {
    since = since || clock();
    tell();
  } finally {
    going = false;
  }
}

document.addEventListener("htmx:sendError", (event) => {
  if (event.detail.elt && event.detail.elt.id === "entryform") keepHere(event.detail.elt);
  else {
    since = since || clock();
    tell();
  }
});
document.addEventListener("htmx:responseError", (event) => {
  if (event.detail.xhr.status !== 401 && event.detail.xhr.status !== 403) return;
  if (event.detail.elt && event.detail.elt.id === "entryform") shelve(event.detail.elt);
  signedOut();
});
document.addEventListener("htmx:afterRequest", (event) => {
  if (event.detail.xhr && event.detail.xhr.status && since && !all().length) {
    since = "";
    tell();
  }
});
document.addEventListener("htmx:afterSwap", (event) => {
  if (!event.detail.target || event.detail.target.id !== "measure") return;
  tell();
  bringHome();
});
window.addEventListener("online", bringHome);
setInterval(() => {
  if (since) bringHome();
}, AGAIN);

if (order()) {
  fetch(location.pathname + "/steps")
    .then((answer) => answer.json())
    .then((list) => {
      steps = list;
    })
    .catch(() => {});
  tell();
  bringHome();
}
