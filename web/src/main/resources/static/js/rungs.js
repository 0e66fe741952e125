/* The rungs of a ladder are one stop for the keyboard; the arrows go up and down them. */
document.addEventListener("keydown", (event) => {
  const rung = event.target.closest && event.target.closest("a[data-rung]");
  if (!rung || (event.key !== "ArrowUp" && event.key !== "ArrowDown")) return;
  const rungs = Array.from(rung.closest(".rungs").querySelectorAll("a[data-rung]"));
  const to = rungs[rungs.indexOf(rung) + (event.key === "ArrowUp" ? -1 : 1)];
  event.preventDefault();
  event.stopPropagation();
  if (to) to.focus();
}, true);
