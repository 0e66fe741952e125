/* A form is sent once, however often its button is touched; a while later, or come back to, it can be sent anew. */
const A_WHILE = 4000;
const sent = new WeakSet();

document.addEventListener("submit", (event) => {
  const form = event.target;
  if (form.method !== "post" || form.hasAttribute("hx-post") || event.defaultPrevented) return;
  if (sent.has(form)) event.preventDefault();
  else {
    // what another holds back is not sent, and can be sent the next moment
    setTimeout(() => {
      if (event.defaultPrevented) return;
      sent.add(form);
      setTimeout(() => sent.delete(form), A_WHILE);
    });
  }
});
window.addEventListener("pageshow", (event) => {
  if (event.persisted) document.querySelectorAll("form").forEach((form) => sent.delete(form));
});
