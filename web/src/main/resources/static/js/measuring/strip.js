/* On a phone the ladder lies below the fold: a strip of ticks stands for it at the top. */
import { $, all } from "../dom.js";

function strip() {
  const strip = $("strip");
  if (!strip) return;
  strip.replaceChildren(
    ...all("[data-tick]").map((rung) => {
      const tick = document.createElement("a");
      tick.href = location.pathname + "?step=" + rung.dataset.rung;
      tick.className = rung.dataset.tick;
      tick.tabIndex = -1;
      return tick;
    }),
  );
}

document.addEventListener("htmx:afterSwap", strip);
strip();
