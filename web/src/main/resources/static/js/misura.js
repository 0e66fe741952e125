/* Keys and the few things a page does without asking the house. */
(function () {
  "use strict";
  const $ = (id) => document.getElementById(id);
  const open = (dialog) => dialog && !dialog.open && dialog.showModal();

  function focusEntry() {
    const entry = $("entry");
    if (entry) {
      entry.focus();
      const end = entry.value.length;
      entry.setSelectionRange(end, end);
      return;
    }
    const first = $("mark") || document.querySelector(".gate #wayout");
    if (first) first.focus();
  }

  function keep(then) {
    const form = $("entryform");
    if (!form) return;
    $("then").value = then;
    form.requestSubmit();
  }

  function part(step) {
    const rungs = Array.from(document.querySelectorAll("a.rung"));
    const firsts = rungs.filter((r) => r.classList.contains("rung-first"));
    const now = rungs.findIndex((r) => r.classList.contains("now"));
    const own = firsts.filter((r) => rungs.indexOf(r) <= now).length - 1;
    const to = firsts[own + step];
    if (to) to.click();
  }

  /* On a phone the ladder lies below the fold: a strip of ticks stands for it at the top. */
  function strip() {
    const strip = $("strip");
    if (!strip) return;
    strip.replaceChildren(
      ...Array.from(document.querySelectorAll("a.rung"), (rung) => {
        const tick = document.createElement("a");
        tick.href = rung.href;
        tick.className = Array.from(rung.classList)
          .filter((c) => c !== "rung" && c !== "with-others")
          .map((c) => (c === "rung-first" ? "first" : c))
          .join(" ");
        tick.tabIndex = -1;
        return tick;
      }),
    );
  }

  function say(text) {
    const status = document.querySelector("#measure [role=status]");
    if (status) status.textContent = text;
  }

  const press = (id) => {
    const it = $(id);
    if (it) it.click();
  };

  function turn(by) {
    const views = Array.from(document.querySelectorAll(".views a"));
    const at = views.findIndex((v) => v.getAttribute("aria-current"));
    if (views.length) views[(at + by + views.length) % views.length].click();
  }

  function sums() {
    const lines = Array.from(document.querySelectorAll(".sums li")).map((li) =>
      li.textContent.trim().replace(/\s+/g, " "),
    );
    say(lines.filter((line) => line).join(". ") || "No sum has this step.");
  }

  /* Whoever speaks to the machine, or leans on its keys, may switch the letters off; digits, Enter and arrows stay. */
  const LETTERS = "misura.letters";
  const lettersOn = () => localStorage.getItem(LETTERS) !== "off";

  function showLetters() {
    const box = $("letters");
    if (box) box.checked = lettersOn();
  }

  const commands = {
    x: () => open($("strikedialog")),
    l: () => press("side-left"),
    r: () => press("side-right"),
    m: () => press("mark"),
    "?": () => open($("keysdialog")),
    g: () => press("wayout"),
    G: () => {
      const bar = document.querySelector(".gatebar.asks a");
      if (bar) bar.click();
    },
    "[": () => part(-1),
    "]": () => part(1),
    w: sums,
    f: () => turn(1),
  };

  /* A fraction key adds to the fraction that stands there: a half and a quarter make three quarters. */
  function withFraction(text, key) {
    const added = 8 / Number(key.split("/")[1]);
    const m = /^(.*?)(?:^|\s+)?(\d+)\/(2|4|8)$/.exec(text.trim());
    let eighths = added + (m ? (Number(m[2]) * 8) / Number(m[3]) : 0);
    let whole = (m ? m[1] : text).trim();
    if (eighths >= 8) {
      if (!/^\d*$/.test(whole)) return text;
      whole = String(Number(whole || 0) + 1);
      eighths -= 8;
    }
    let parts = 8;
    while (eighths && eighths % 2 === 0) {
      eighths /= 2;
      parts /= 2;
    }
    return [whole, eighths ? eighths + "/" + parts : ""].filter((each) => each).join(" ");
  }

  function type(text) {
    const entry = $("entry");
    entry.value = text;
    entry.dispatchEvent(new Event("input", { bubbles: true }));
  }

  document.addEventListener("keydown", (event) => {
    if (event.ctrlKey || event.metaKey || event.altKey || document.querySelector("dialog[open]")) return;
    const entry = $("entry");
    const inEntry = entry && event.target === entry;
    const typing = /^(INPUT|TEXTAREA|SELECT)$/.test(event.target.tagName) && event.target.type !== "radio" && !inEntry;
    if (typing) return;
    if (!$("measure")) {
      if (event.key === "/") {
        const find = document.querySelector("[data-find]");
        if (find) {
          event.preventDefault();
          find.focus();
        } else {
          location.href = "/clients";
        }
      }
      return;
    }
    if (event.key === "Escape") {
      focusEntry();
      return;
    }
    if (inEntry && event.key === "Enter") {
      event.preventDefault();
      keep(event.shiftKey ? "again" : "go");
      return;
    }
    if (event.key === "ArrowUp" || event.key === "ArrowDown") {
      const to = $(event.key === "ArrowUp" ? "prev" : "next");
      if (to) {
        event.preventDefault();
        to.click();
      }
      return;
    }
    const empty = !entry || entry.value === "";
    if (empty && commands[event.key] && lettersOn()) {
      event.preventDefault();
      commands[event.key]();
      return;
    }
    if (entry && !inEntry && /^[0-9.,]$/.test(event.key)) {
      event.preventDefault();
      entry.focus();
      type(entry.value + event.key);
    }
  });

  document.addEventListener("click", (event) => {
    const target = event.target.closest(
      "[data-then],[data-key],[data-fraction],[data-still],[data-close],[data-line],[data-edge],#keys,#strike",
    );
    if (!target) return;
    if (target.dataset.then) {
      $("then").value = target.dataset.then;
      return;
    }
    if (target.dataset.still) {
      $("entry").value = target.dataset.still;
      $("then").value = "go";
      return;
    }
    if (target.dataset.key) {
      type(target.dataset.key === "clear" ? "" : $("entry").value + target.dataset.key);
      return;
    }
    if (target.dataset.fraction) {
      type(withFraction($("entry").value, target.dataset.fraction));
      return;
    }
    if ("close" in target.dataset) {
      target.closest("dialog").close();
      focusEntry();
      return;
    }
    if (target.id === "keys") {
      open($("keysdialog"));
      return;
    }
    if (target.id === "strike") {
      open($("strikedialog"));
      return;
    }
    if (target.dataset.line) light(target.dataset.line);
    if (target.dataset.edge) lightEdge(target.dataset.edge);
  });

  /* A number lights its line on each piece and opens its chain; an edge lights its partner. */
  function dark() {
    document.querySelectorAll(".lit").forEach((e) => e.classList.remove("lit"));
  }
  function light(line) {
    dark();
    document.querySelectorAll('[data-of~="' + line + '"]').forEach((e) => e.classList.add("lit"));
    document.querySelectorAll(".chain").forEach((c) => {
      c.hidden = c.dataset.chain !== line;
    });
    document
      .querySelectorAll("button[data-line]")
      .forEach((b) => b.setAttribute("aria-expanded", String(b.dataset.line === line)));
  }
  function lightEdge(edge) {
    dark();
    document.querySelectorAll('[data-seam~="' + edge + '"]').forEach((e) => e.classList.add("lit"));
  }

  document.addEventListener("change", (event) => {
    if (event.target.id === "letters") localStorage.setItem(LETTERS, event.target.checked ? "on" : "off");
    const form = event.target.closest("form[data-live]");
    if (form) form.requestSubmit();
  });

  document.addEventListener("htmx:afterSwap", (event) => {
    const shown = $("measure");
    strip();
    if (event.detail.target && event.detail.target.id === "measure" && shown) {
      focusEntry();
      document.title = shown.dataset.name + " · Misura";
    }
  });
  document.addEventListener("htmx:responseError", (event) => {
    const heard = $("heard");
    if (!heard || event.detail.xhr.status === 401 || event.detail.xhr.status === 403) return;
    heard.className = "wrong";
    heard.textContent = "The house could not keep this. What you typed stands here; load the page anew.";
  });

  /* A swipe over the figure turns it, as its words above do. */
  let swipeFrom = null;
  document.addEventListener("touchstart", (event) => {
    swipeFrom = event.target.closest(".figurecol") ? event.changedTouches[0].clientX : null;
  });
  document.addEventListener("touchend", (event) => {
    if (swipeFrom === null) return;
    const by = event.changedTouches[0].clientX - swipeFrom;
    swipeFrom = null;
    if (Math.abs(by) > 40) turn(by < 0 ? 1 : -1);
  });

  showLetters();
  strip();
  if ($("measure")) focusEntry();
})();
