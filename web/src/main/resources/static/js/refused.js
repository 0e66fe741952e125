/* What a page asked for and was refused reaches the eye; the measuring page says it in its own place. */
import { one } from "./dom.js";

function say(text) {
  if (one("[data-order]")) return;
  let said = one("#refusal");
  if (!said) {
    said = document.createElement("p");
    said.id = "refusal";
    said.className = "alert alert-danger";
    said.setAttribute("role", "alert");
    one("main").prepend(said);
  }
  said.textContent = text;
}

const WHY = {
  401: "You are signed out. Sign in again in another tab, then do it once more.",
  403: "Your account may not do this, or the page was open too long: load it anew.",
  404: "It is not here any more. Load the page anew.",
  507: "The disk of the house is full: nothing was kept. Make room, then do it once more.",
};

document.addEventListener("htmx:responseError", (event) => {
  say(WHY[event.detail.xhr.status] || "The house could not do this. Look whether it is done; if not, do it once more.");
});
document.addEventListener("htmx:sendError", () => say("The house cannot be reached. Nothing was changed; try again."));
