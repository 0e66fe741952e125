/* What every script asks of a page. Things are found by their ids and data, never by how they look. */
export const $ = (id) => document.getElementById(id);
export const one = (selector) => document.querySelector(selector);
export const all = (selector) => Array.from(document.querySelectorAll(selector));

/* Runs when something that carries this attribute is touched, or lies under what is touched. */
export function onClick(attribute, run) {
  document.addEventListener("click", (event) => {
    const target = event.target.closest("[" + attribute + "]");
    if (target) run(target, event);
  });
}

export function press(selector) {
  const it = one(selector);
  if (it) it.click();
}
