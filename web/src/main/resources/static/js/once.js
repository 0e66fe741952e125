/* A form is sent once, however often its button is touched; what comes back can be sent anew. */
const sent = new WeakSet();

document.addEventListener("submit", (event) => {
  const form = event.target;
  if (form.method !== "post" || form.hasAttribute("hx-post") || event.defaultPrevented) return;
  if (sent.has(form)) event.preventDefault();
  else sent.add(form);
});
window.addEventListener("pageshow", (event) => {
  if (event.persisted) document.querySelectorAll("form").forEach((form) => sent.delete(form));
});
