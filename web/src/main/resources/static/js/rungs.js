/* The rungs of a ladder are one stop for the keyboard; the arrows go up and down them, and over the lines of folded parts. */
const LINES = "a[data-rung], a[data-open]";

document.addEventListener("keydown", (event) => {
  const rung = event.target.closest && event.target.closest(LINES);
  if (!rung || (event.key !== "ArrowUp" && event.key !== "ArrowDown")) return;
  const rungs = Array.from(rung.closest(".rungs").querySelectorAll(LINES));
  const to = rungs[rungs.indexOf(rung) + (event.key === "ArrowUp" ? -1 : 1)];
  event.preventDefault();
  event.stopPropagation();
  if (to) to.focus();
}, true);
