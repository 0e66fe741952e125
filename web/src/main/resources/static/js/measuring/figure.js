/* The figure is turned by its words, by a key, or by a swipe over it. */
import { all } from "../dom.js";

const SWIPE = 40;
let from = null;

export function turn(by) {
  const views = all("[data-view]");
  const at = views.findIndex((v) => v.getAttribute("aria-current"));
  if (views.length) views[(at + by + views.length) % views.length].click();
}

document.addEventListener("touchstart", (event) => {
  from = event.target.closest("[data-turns]") ? event.changedTouches[0].clientX : null;
});
document.addEventListener("touchend", (event) => {
  if (from === null) return;
  const by = event.changedTouches[0].clientX - from;
  from = null;
  if (Math.abs(by) > SWIPE) turn(by < 0 ? 1 : -1);
});
