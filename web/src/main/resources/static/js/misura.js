/* Keys and the few things a page does without asking the house. */
(function () {
  'use strict';
  const $ = (id) => document.getElementById(id);
  const open = (dialog) => dialog && !dialog.open && dialog.showModal();

  function focusEntry() {
    const entry = $('entry');
    if (entry) { entry.focus(); const end = entry.value.length; entry.setSelectionRange(end, end); return; }
    const mark = $('mark');
    if (mark) mark.focus();
  }

  function keep(then) {
    const form = $('entryform');
    if (!form) return;
    $('then').value = then;
    form.requestSubmit();
  }

  function part(step) {
    const rungs = Array.from(document.querySelectorAll('a.rung'));
    const firsts = rungs.filter((r) => r.classList.contains('rung-first'));
    const now = rungs.findIndex((r) => r.classList.contains('now'));
    const before = firsts.filter((r) => rungs.indexOf(r) < now);
    const after = firsts.filter((r) => rungs.indexOf(r) > now);
    const to = step > 0 ? after[0] : before[before.length - (before.length > 1 ? 2 : 1)];
    if (to) to.click();
  }

  function say(text) {
    const status = document.querySelector('#measure [role=status]');
    if (status) status.textContent = text;
  }

  const commands = {
    x: () => open($('strikedialog')), l: () => $('side-left') && $('side-left').click(), r: () => $('side-right') && $('side-right').click(),
    m: () => $('mark') && $('mark').click(), '?': () => open($('keysdialog')), g: () => $('wayout') && $('wayout').click(),
    G: () => { const bar = document.querySelector('.gatebar.asks'); if (bar && $('wayout')) $('wayout').click(); },
    '[': () => part(-1), ']': () => part(1),
    w: () => say(Array.from(document.querySelectorAll('.sums li')).map((li) => li.textContent.trim()).join('. ') || 'No sum has this step.'),
    f: () => { const views = Array.from(document.querySelectorAll('.views a')); const at = views.findIndex((v) => v.getAttribute('aria-current')); if (views.length) views[(at + 1) % views.length].click(); },
  };

  document.addEventListener('keydown', (event) => {
    if (event.ctrlKey || event.metaKey || event.altKey || document.querySelector('dialog[open]')) return;
    const entry = $('entry');
    const inEntry = entry && event.target === entry;
    const typing = /^(INPUT|TEXTAREA|SELECT)$/.test(event.target.tagName) && event.target.type !== 'radio' && !inEntry;
    if (typing) return;
    if (!$('measure')) {
      if (event.key === '/') { const find = document.querySelector('[data-find]'); if (find) { event.preventDefault(); find.focus(); } else { location.href = '/clients'; } }
      return;
    }
    if (event.key === 'Escape') { focusEntry(); return; }
    if (inEntry && event.key === 'Enter') { event.preventDefault(); keep(event.shiftKey ? 'again' : 'go'); return; }
    if (event.key === 'ArrowUp' || event.key === 'ArrowDown') {
      const to = $(event.key === 'ArrowUp' ? 'prev' : 'next');
      if (to) { event.preventDefault(); to.click(); }
      return;
    }
    const empty = !entry || entry.value === '';
    if (empty && commands[event.key]) { event.preventDefault(); commands[event.key](); return; }
    if (entry && !inEntry && /^[0-9.,]$/.test(event.key)) { event.preventDefault(); entry.focus(); entry.value += event.key; entry.dispatchEvent(new Event('input', { bubbles: true })); }
  });

  document.addEventListener('click', (event) => {
    const target = event.target.closest('[data-then],[data-key],[data-close],[data-line],[data-edge],#keys,#strike');
    if (!target) return;
    if (target.dataset.then) { $('then').value = target.dataset.then; return; }
    if (target.dataset.key) {
      const entry = $('entry');
      entry.value = target.dataset.key === 'clear' ? '' : entry.value + target.dataset.key;
      entry.dispatchEvent(new Event('input', { bubbles: true }));
      return;
    }
    if ('close' in target.dataset) { target.closest('dialog').close(); focusEntry(); return; }
    if (target.id === 'keys') { open($('keysdialog')); return; }
    if (target.id === 'strike') { open($('strikedialog')); return; }
    if (target.dataset.line) light(target.dataset.line);
    if (target.dataset.edge) lightEdge(target.dataset.edge);
  });

  /* A number lights its line on each piece and opens its chain; an edge lights its partner. */
  function dark() { document.querySelectorAll('.lit').forEach((e) => e.classList.remove('lit')); }
  function light(line) {
    dark();
    document.querySelectorAll('[data-of~="' + line + '"]').forEach((e) => e.classList.add('lit'));
    document.querySelectorAll('.chain').forEach((c) => { c.hidden = c.dataset.chain !== line; });
    document.querySelectorAll('button[data-line]').forEach((b) => b.setAttribute('aria-expanded', String(b.dataset.line === line)));
  }
  function lightEdge(edge) {
    dark();
    document.querySelectorAll('[data-seam~="' + edge + '"]').forEach((e) => e.classList.add('lit'));
  }

  document.addEventListener('change', (event) => {
    const form = event.target.closest('form[data-live]');
    if (form) form.requestSubmit();
  });

  document.addEventListener('htmx:afterSwap', (event) => {
    if (event.detail.target && event.detail.target.id === 'measure') {
      focusEntry();
      const h = $('stepname');
      if (h) document.title = document.querySelector('.stephead .no').textContent + ' ' + h.textContent + ' · Misura';
    }
  });
  document.addEventListener('htmx:sendError', () => {
    const heard = $('heard');
    if (heard) { heard.className = 'ink'; heard.textContent = 'Not reached just now. What you typed stands here; press Enter again.'; }
  });
  document.addEventListener('htmx:responseError', (event) => {
    const heard = $('heard');
    if (heard) { heard.className = 'wrong'; heard.textContent = event.detail.xhr.status === 403 ? 'Your account may not keep this, or the page was open too long: load it anew.' : 'The house could not keep this. What you typed stands here; load the page anew.'; }
  });
  if ($('entry') || $('mark')) focusEntry();
})();
