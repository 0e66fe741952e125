/* Sends a photograph as the camera wrote it, says how far it is, and what the house says of it. */
import { $, all } from "./dom.js";

const MEGA = 1024 * 1024;
const most = Number($("photographs").dataset.most);

function refuse(words) {
  const refused = $("refused");
  refused.textContent = words;
  refused.hidden = !words;
  if (words) refused.scrollIntoView({ block: "nearest" });
}

function send(form, file) {
  const progress = form.querySelector("[data-progress]");
  const request = new XMLHttpRequest();
  request.open("POST", form.action);
  request.setRequestHeader("Content-Type", "application/octet-stream");
  request.setRequestHeader("X-XSRF-TOKEN", form.elements._csrf.value);
  request.upload.addEventListener("progress", (event) => {
    progress.textContent = event.loaded < event.total ? Math.round((100 * event.loaded) / event.total) + " %" : "turning it upright …";
  });
  request.addEventListener("load", () => {
    progress.textContent = "";
    if (request.status === 201) location.reload();
    else refuse((request.responseText || "The house answered " + request.status + ".") + " Nothing was kept of " + file.name + ".");
  });
  request.addEventListener("error", () => {
    progress.textContent = "";
    refuse("The house was not reached. " + file.name + " was not kept; choose it again.");
  });
  request.send(file);
}

all("[data-photograph]").forEach((form) => {
  const input = form.querySelector("input[type=file]");
  input.addEventListener("change", () => {
    const file = input.files[0];
    if (!file) return;
    refuse("");
    if (file.size > most * MEGA) refuse("A photograph has at most " + most + " MB; " + file.name + " has " + Math.ceil(file.size / MEGA) + ".");
    else send(form, file);
    input.value = "";
  });
});
