// Two devices on one board: a page that is looked at follows what the other does, and asks for nothing while nobody looks at it.
// What is entered while the desk does not answer waits on this device, in plain sight, and is sent in order, once, when it does.
(() => {
  'use strict';

  const EVERY_MS = 1500;
  const words = (text, tag = 'p', name = '') => {
    const one = document.createElement(tag);
    one.textContent = text;
    if (name) one.className = name;
    return one;
  };

  // ---- Following ----

  const isTyped = (page) =>
    [...page.querySelectorAll('input:not([type=hidden], [type=checkbox], [type=radio]), textarea')].some(
      (one) => one.value !== one.defaultValue,
    ) ||
    [...page.querySelectorAll('option')].some(
      (one) => one.selected && !one.defaultSelected && one.parentElement.querySelector('[selected]'),
    );

  /** The page as the server has it now, in the place of what is shown. */
  const renew = async (page) => {
    if ('live' === page.id) {
      await window.htmx.ajax('GET', page.dataset.look, { target: '#live', swap: 'outerHTML' });
      return;
    }
    show(await (await fetch(location.href, { headers: { Accept: 'text/html' } })).text());
  };
  const show = (html, where = location.href) => {
    const next = new DOMParser().parseFromString(html, 'text/html');
    const main = next.getElementById('main');
    const here = document.getElementById('main');
    if (!main || !here) return false;
    const open = [...here.querySelectorAll('details[open] > summary')].map((one) => one.textContent.replace(/\d+/g, ''));
    here.replaceWith(document.importNode(main, true));
    document.querySelectorAll('#main details').forEach((one) => {
      const summary = one.querySelector('summary')?.textContent.replace(/\d+/g, '');
      if (open.includes(summary)) one.open = true;
    });
    const notice = next.getElementById('notice');
    if (notice) document.getElementById('notice')?.replaceWith(document.importNode(notice, true));
    document.title = next.title;
    if (where !== location.href) history.replaceState(null, '', where);
    draw();
    return true;
  };

  const follow = async () => {
    const page = document.querySelector('[data-follow]');
    // Whoever looks back at an earlier moment, or is about to act, is left alone.
    if (
      !page ||
      document.hidden ||
      page.hasAttribute('data-back') ||
      page.querySelector('.htmx-request') ||
      waiting().some((one) => !one.refused)
    )
      return;
    try {
      const answer = await fetch(page.dataset.follow, { headers: { Accept: 'text/plain' } });
      const mark = await answer.text();
      if (!answer.ok || !page.isConnected || mark === page.dataset.mark) return;
      page.dataset.mark = mark;
      if (!isTyped(page)) await renew(page);
      else {
        const notice = document.getElementById('notice');
        if (notice) notice.textContent = 'Another device has put something down. It is shown as soon as what is typed here is kept.';
      }
    } catch {
      // The desk does not answer: the next time perhaps.
    }
  };
  let timer = 0;
  const look = () => {
    clearInterval(timer);
    if (document.hidden || !document.querySelector('[data-follow]')) return;
    timer = setInterval(follow, EVERY_MS);
    follow();
  };
  document.addEventListener('visibilitychange', look);
  document.addEventListener('htmx:afterSettle', () => {
    if (!timer) look();
  });

  // ---- Waiting ----

  const KEY = 'iron-latch waiting';
  const waiting = () => {
    try {
      const all = JSON.parse(localStorage.getItem(KEY) ?? '[]');
      return Array.isArray(all) ? all : [];
    } catch {
      return [];
    }
  };
  const keep = (all) => {
    localStorage.setItem(KEY, JSON.stringify(all));
    draw();
  };
  /** Also where nothing is encrypted, and the better ways to a name are shut. */
  const name = () => [...crypto.getRandomValues(new Uint8Array(16))].map((byte) => byte.toString(16).padStart(2, '0')).join('');

  /** What waits, and what was not taken, each with a way on. */
  const draw = () => {
    document.getElementById('waiting')?.remove();
    const all = waiting();
    const main = document.getElementById('main');
    // What is sent at once is not worth a word.
    if (!main || !all.some((one) => one.refused || isLate)) return;
    const box = words('', 'section', 'waiting');
    box.id = 'waiting';
    box.setAttribute('aria-label', 'What waits');
    const open = all.filter((one) => !one.refused);
    if (isOut) {
      const pair = words('This device is not let in any more, or not for this. Pair it again; nothing is lost: ');
      const link = words('pair it', 'a');
      link.href = '/pair';
      pair.append(link);
      box.append(pair);
    }
    if (open.length)
      box.append(
        words(
          `${open.length} ${1 === open.length ? 'entry waits' : 'entries wait'} on this device until the desk answers.`,
          'p',
          'refused',
        ),
      );
    const list = document.createElement('ul');
    all.forEach((one) => {
      const row = words(one.refused ? one.refused : one.words, 'li');
      if (one.refused) {
        const again = words('Keep mine as well', 'button', 'button');
        again.addEventListener('click', () => {
          keep(waiting().map((other) => (other.once === one.once ? { ...other, refused: '', body: without(other.body, 'seen') } : other)));
          send();
        });
        const leave = words('Leave mine out', 'button', 'button quiet');
        leave.addEventListener('click', () => keep(waiting().filter((other) => other.once !== one.once)));
        const acts = words('', 'span', 'acts');
        acts.append(again, leave);
        row.append(' ', acts);
      }
      list.append(row);
    });
    box.append(list);
    main.prepend(box);
  };
  const without = (body, field) => {
    const fields = new URLSearchParams(body);
    fields.delete(field);
    return fields.toString();
  };

  let sends = false;
  /** The desk did not answer when it was asked last. */
  let isLate = false;
  /** The desk does not know this device any more. */
  let isOut = false;
  const send = async () => {
    if (sends) return;
    sends = true;
    try {
      for (let one = waiting().find((entry) => !entry.refused); one; one = waiting().find((entry) => !entry.refused)) {
        const answer = await fetch(one.action, {
          method: 'POST',
          body: new URLSearchParams(one.body),
          headers: { Accept: 'text/html' },
        });
        // What is being restarted, or is in the way for a moment, answers later.
        isOut = 403 === answer.status;
        if (answer.status >= 500 || isOut) {
          isLate = true;
          break;
        }
        const html = await answer.text();
        const rest = waiting().filter((entry) => entry.once !== one.once);
        const isLast = !rest.some((entry) => !entry.refused);
        isLate = isLate && !isLast;
        const isHere = new URL(answer.url).pathname === location.pathname && !isTyped(document);
        if (answer.ok) {
          keep(rest);
          if (isLast && isHere) show(html, answer.url);
          // What was entered on another page shows on this one.
          else if (isLast && !isTyped(document)) location.reload();
        } else if (isHere && show(html)) {
          // The page says why it was not taken, with what was typed.
          keep(rest);
        } else {
          const said = new DOMParser().parseFromString(html, 'text/html').getElementById('notice')?.textContent.trim();
          keep([...rest, { ...one, refused: `${one.words}: ${said || 'the desk did not take it (' + answer.status + ').'}` }]);
        }
      }
    } catch {
      // It waits, and is tried again.
      isLate = true;
    } finally {
      sends = false;
      draw();
    }
  };
  document.addEventListener('submit', (event) => {
    const form = event.target;
    if (!(form instanceof HTMLFormElement) || undefined === form.dataset.waits) return;
    event.preventDefault();
    const fields = new FormData(form, event.submitter);
    const once = name();
    fields.set('once', once);
    // What waits before it at the same step is this device’s own, and no surprise.
    const before = waiting().filter((one) => !one.refused && new URLSearchParams(one.body).get('step') === fields.get('step')).length;
    if (fields.has('seen')) fields.set('seen', String(Number(fields.get('seen')) + before));
    const value = fields.get('value') && 'measured' === fields.get('outcome') ? fields.get('value') : (fields.get('outcome') ?? 'ticked');
    keep([
      ...waiting(),
      { once, action: form.getAttribute('action'), body: new URLSearchParams(fields).toString(), words: `${form.dataset.waits}: ${value}` },
    ]);
    // What waits is not typed any more; ticks stay as they are.
    if (form.classList.contains('found-form')) form.reset();
    send();
  });
  setInterval(() => {
    if (!document.hidden && waiting().some((one) => !one.refused)) send();
  }, 2000);
  addEventListener('online', send);
  document.addEventListener('DOMContentLoaded', () => {
    draw();
    send();
    look();
  });
})();
