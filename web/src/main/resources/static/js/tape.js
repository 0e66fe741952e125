/* The simulated tape: sends what it shows through the documented interface, as a real one would. */
import { $ } from "./dom.js";

const form = $("tape");
const steps = $("step");

/* The next value that nothing was read for. */
function onward() {
  const options = Array.from(steps.options);
  const rest = options.slice(steps.selectedIndex + 1).concat(options);
  const next = rest.find((each) => each.dataset.waits);
  if (next) next.selected = true;
}

function say(words, kept) {
  const line = document.createElement("li");
  line.textContent = (kept ? "✓ " : "≠ ") + words;
  line.className = kept ? "" : "wrong";
  $("sent").prepend(line);
}

async function send(option, text) {
  const reading = { step: option.dataset.step, text, aid: form.dataset.aid, key: self.crypto.randomUUID() };
  if (option.dataset.side) reading.side = option.dataset.side;
  const answer = await fetch("/api/v1/orders/" + form.dataset.order + "/readings", {
    method: "POST",
    credentials: "omit",
    headers: { "Content-Type": "application/json", Authorization: "Bearer " + $("token").value.trim() },
    body: JSON.stringify({ misura: "readings/1", readings: [reading] }),
  });
  return answer.ok ? "" : (await answer.json()).detail || "The house answered " + answer.status + ".";
}

form.addEventListener("submit", async (event) => {
  event.preventDefault();
  const option = steps.selectedOptions[0];
  const text = $("length").value.trim();
  let fault = "";
  try {
    fault = await send(option, text);
  } catch (e) {
    fault = "The house was not reached.";
  }
  const what = option.textContent.replace(/,.*/, "") + " " + text;
  say(fault ? what + ": " + fault : what, !fault);
  if (fault) return;
  delete option.dataset.waits;
  $("length").value = "";
  onward();
  $("length").focus();
});

$("drawn").addEventListener("input", (event) => {
  $("length").value = event.target.value;
});

steps.selectedIndex = -1;
onward();
if (steps.selectedIndex < 0) steps.selectedIndex = 0;
