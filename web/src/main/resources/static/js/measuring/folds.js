/* A folded part of the ladder opens to be looked at; what is asked stays where it is. */
document.addEventListener("click", (event) => {
  const line = event.target.closest("#ladder a[data-open]");
  if (!line || event.ctrlKey || event.metaKey || event.shiftKey) return;
  event.preventDefault();
  const ladder = line.closest("#ladder");
  const address = new URL(ladder.getAttribute("hx-get"), location.href);
  const open = new URL(line.href).searchParams.get("open");
  address.searchParams.set("seen", "");
  if (open) address.searchParams.set("open", open);
  else address.searchParams.delete("open");
  window.htmx.ajax("GET", address.pathname + address.search, { target: "#ladder", swap: "outerHTML" });
});
