/* Others at the same sheet: the house says when there is something new, and one screen may follow another from step to step,
 so that one person calls out and another types. What is typed here is never left behind: then the screen stays. */
import { $, all, onClick, one } from "../dom.js";
import { order } from "./shelf.js";

const SOON = 100;
const FOLLOWED = "misura.follows.";
let line = null;
let gone = "";
let asking = false;

const followed = () => sessionStorage.getItem(FOLLOWED + order()) || "";

function listen() {
  if (line || !order() || !window.EventSource) return;
  line = new EventSource(location.pathname + "/live");
  line.addEventListener("news", news);
}

/* The ladder asks once for what came together, and not while something else is on its way. */
function news() {
  if (asking) return;
  asking = true;
  setTimeout(() => {
    asking = false;
    if (one(".htmx-request")) news();
    else if ($("ladder")) window.htmx.trigger($("ladder"), "news");
  }, SOON);
}

function hangUp() {
  if (line) line.close();
  line = null;
}

/* A page that nobody looks at listens to nothing. */
document.addEventListener("visibilitychange", () => (document.hidden ? hangUp() : listen()));
window.addEventListener("pagehide", hangUp);

/* Each of their steps is gone to once: who looks elsewhere meanwhile is not fetched back, and a gate is not knocked at twice. */
function goAlong(person) {
  const to = person.dataset.step;
  const now = one("[data-rung].now");
  if (gone === to || (now && now.dataset.rung === to)) return;
  const typed = Boolean($("entry") && $("entry").value);
  person.querySelector("[data-stays]").hidden = !typed;
  if (typed) return;
  gone = to;
  window.htmx.ajax("GET", location.pathname + "?step=" + to, { target: "#measure", swap: "outerHTML" });
}

/* The switches say whom this screen follows; where the one who is followed went, it goes too. */
function look() {
  const whom = followed();
  all("[data-follow]").forEach((button) => {
    const on = button.dataset.follow === whom;
    button.textContent = on ? button.dataset.on : button.dataset.off;
    button.setAttribute("aria-pressed", String(on));
  });
  const person = whom && one("[data-person='" + CSS.escape(whom) + "']:has([data-follow])");
  if (person) goAlong(person);
}

onClick("data-follow", (button) => {
  const whom = button.dataset.follow;
  if (followed() === whom) sessionStorage.removeItem(FOLLOWED + order());
  else sessionStorage.setItem(FOLLOWED + order(), whom);
  gone = "";
  look();
  window.htmx.trigger($("ladder"), "news");
});

document.addEventListener("htmx:configRequest", (event) => {
  if (event.detail.path.includes("/measure/ladder")) event.detail.headers["Misura-Follows"] = followed();
});

document.addEventListener("htmx:afterSettle", look);
document.addEventListener("misura:typed", (event) => event.detail.text || look());

listen();
look();
