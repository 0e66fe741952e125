/* A form that answers at once sends itself when something in it is chosen. */
document.addEventListener("change", (event) => {
  const form = event.target.closest("form[data-live]");
  if (form) form.requestSubmit();
});
