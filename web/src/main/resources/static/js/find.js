/* A slash goes to where something is found. */
import { one } from "./dom.js";

document.addEventListener("keydown", (event) => {
  if (event.key !== "/" || event.ctrlKey || event.metaKey || event.altKey) return;
  if (/^(INPUT|TEXTAREA|SELECT)$/.test(event.target.tagName) || one("dialog[open]") || one("[data-order]")) return;
  const find = one("[data-find]");
  if (find) {
    event.preventDefault();
    find.focus();
  } else {
    location.href = "/clients";
  }
});
