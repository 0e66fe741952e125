/* A number lights its line on each piece and opens its chain; an edge lights its partner. */
import { all, onClick } from "./dom.js";

function light(selector) {
  all("[data-lit]").forEach((e) => {
    e.removeAttribute("data-lit");
    e.classList.remove("lit");
  });
  all(selector).forEach((e) => {
    e.dataset.lit = "";
    e.classList.add("lit");
  });
}

onClick("data-line", (button) => {
  const line = button.dataset.line;
  light('[data-of~="' + line + '"]');
  all("[data-chain]").forEach((c) => {
    c.hidden = c.dataset.chain !== line;
  });
  all("button[data-line]").forEach((b) => b.setAttribute("aria-expanded", String(b.dataset.line === line)));
});

onClick("data-edge", (edge) => light('[data-seam~="' + edge.dataset.edge + '"]'));
