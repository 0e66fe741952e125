/* Says with each request which parts the page has, so that only what changed is sent. */
import { all } from "../dom.js";

document.addEventListener("htmx:configRequest", (event) => {
  event.detail.headers["Misura-Has"] = all("[data-mark]")
    .map((part) => part.id + "=" + part.dataset.mark)
    .join(" ");
});

/* What a script changed is no longer what was sent. */
export function changed(within) {
  const part = within.closest("[data-mark]");
  if (part) delete part.dataset.mark;
}

/* What was sent for one state of the page is wrong for another: while the page itself is on its way the ladder does not ask by
 itself, and what it asked before is not waited for. */
let onTheWay = 0;
const isPage = (event) => event.detail.target && event.detail.target.id === "measure";

document.addEventListener("htmx:beforeRequest", (event) => {
  const ladder = document.getElementById("ladder");
  if (isPage(event)) {
    onTheWay++;
    if (ladder) window.htmx.trigger(ladder, "htmx:abort");
  } else if (event.detail.elt === ladder && onTheWay > 0) {
    event.preventDefault();
  }
});

document.addEventListener("htmx:afterRequest", (event) => {
  if (isPage(event)) onTheWay = Math.max(0, onTheWay - 1);
});
