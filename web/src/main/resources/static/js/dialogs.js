/* Dialogs are opened by whatever names them, and closed by what lies in them. */
import { $, onClick } from "./dom.js";

export function open(dialog) {
  if (dialog && !dialog.open) dialog.showModal();
}

onClick("data-opens", (target) => open($(target.dataset.opens)));
onClick("data-close", (target) => {
  target.closest("dialog").close();
  document.dispatchEvent(new CustomEvent("misura:closed"));
});
