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
