// The few things that htmx does not do by itself: shortcuts, arrow keys among pins, and a word when the server does not answer.
(() => {
  'use strict';

  // What the tray works out by itself as it comes into sight is nobody's act: it moves neither focus nor drawer.
  const isByItself = (event) =>
    event.target instanceof Element && event.target.closest('.offers') !== null && event.detail?.requestConfig?.verb === 'get';

  const submit = (id) => document.getElementById(id)?.requestSubmit();

  document.addEventListener('keydown', (event) => {
    const typing = event.target instanceof Element && event.target.closest('input, select, textarea');
    if ((event.ctrlKey || event.metaKey) && !typing && event.key.toLowerCase() === 'z') {
      event.preventDefault();
      submit(event.shiftKey ? 'redo' : 'undo');
    }
    if (!typing && event.key === '?') toggleHelp();
    if (event.key === 'Escape' && !event.defaultPrevented && !document.querySelector('dialog[open]')) {
      document.getElementById('close-drawer')?.click();
    }
    moveAmong(event, '.pinrow:is(button, a)');
    moveAmong(event, '.functions a');
  });

  function moveAmong(event, selector) {
    if (!['ArrowUp', 'ArrowDown'].includes(event.key) || !(event.target instanceof Element) || !event.target.matches(selector)) return;
    const all = [...document.querySelectorAll(selector)];
    const next = all[all.indexOf(event.target) + (event.key === 'ArrowDown' ? 1 : -1)];
    if (next instanceof HTMLElement) {
      event.preventDefault();
      next.focus();
    }
  }

  const say = (text) => {
    const notice = document.getElementById('notice');
    if (notice) {
      notice.className = 'notice refused';
      notice.textContent = text;
    }
  };
  document.addEventListener('htmx:sendError', () =>
    say('The server does not answer. Nothing you entered is lost: start it again and repeat the step.'),
  );
  document.addEventListener('htmx:responseError', (event) => {
    const { status, responseText } = event.detail.xhr;
    // What a device may not do is said in words of its own.
    const isSaid = 403 === status && /^text\/plain/.test(event.detail.xhr.getResponseHeader('Content-Type') ?? '') && responseText;
    say(isSaid ? responseText : `The server refused the step (${status}). Load the page again; every step that was confirmed is kept.`);
  });

  // What was refused is said at its field too, where one looks; the text stays, and the field keeps the focus.
  const settle = (field) => {
    field.removeAttribute('aria-invalid');
    field.removeAttribute('aria-describedby');
    document.getElementById('refused')?.remove();
  };
  document.addEventListener('refused', (event) => {
    const form = event.target instanceof Element ? event.target.closest('form') : null;
    document.querySelectorAll('[aria-invalid]').forEach(settle);
    if (!form) return;
    const fields = [...form.querySelectorAll('input:not([type=hidden], [type=checkbox]), select, textarea')];
    const field = fields.find((one) => one.name === event.detail.field) ?? (1 === fields.length ? fields[0] : null);
    if (!field) return;
    const words = document.createElement('small');
    words.id = 'refused';
    words.className = 'refusal';
    words.textContent = event.detail.words;
    // Read out as what describes the field, not as a part of its name.
    words.setAttribute('aria-hidden', 'true');
    field.after(words);
    field.setAttribute('aria-invalid', 'true');
    field.setAttribute('aria-describedby', 'refused');
    field.focus();
  });
  document.addEventListener(
    'input',
    (event) => event.target instanceof Element && event.target.hasAttribute('aria-invalid') && settle(event.target),
  );

  // A field that says one fact commits when it is left, or on Enter; what is typed elsewhere stays through the swap.
  const keyOf = (field) => {
    const form = field.form ?? null;
    const about =
      form === null
        ? ''
        : [...form.querySelectorAll('input[type=hidden]')]
            .filter((one) => one.name !== 'base')
            .map((one) => one.name + '=' + one.value)
            .join('&');
    return (form?.getAttribute('action') ?? '') + '?' + about + '#' + field.name;
  };
  const written = (form) => new URLSearchParams(new FormData(form)).toString();
  document.addEventListener('change', (event) => {
    const field = event.target;
    if (!(field instanceof HTMLInputElement || field instanceof HTMLSelectElement) || 'checkbox' === field.type) return;
    if ('range' === field.type || keyed === field || 'select-multiple' === field.type) return;
    if (field.form?.matches('[data-commit]')) field.form.requestSubmit();
  });
  // Whoever goes through a list by keys passes what is not meant: it commits by Enter, or when it is left.
  let keyed = null;
  document.addEventListener('keydown', (event) => {
    const field = event.target;
    if (!(field instanceof HTMLSelectElement) || !field.form?.matches('[data-commit]') || ['Tab', 'Shift', 'Escape'].includes(event.key))
      return;
    if ('Enter' !== event.key) {
      keyed = field;
    } else if (keyed === field) {
      event.preventDefault();
      keyed = null;
      field.form.requestSubmit();
    }
  });
  document.addEventListener('focusout', (event) => {
    if (null === keyed || event.target !== keyed) return;
    const form = keyed.form;
    const isChanged = isTouched(keyed);
    keyed = null;
    if (isChanged && form?.isConnected) form.requestSubmit();
  });
  let next = '';
  document.addEventListener(
    'submit',
    (event) => {
      const form = event.target;
      if (!(form instanceof HTMLFormElement) || !form.matches('[data-commit]')) return;
      // Enter and the change that it makes are one.
      if (form.dataset.sent === written(form)) {
        event.preventDefault();
        event.stopPropagation();
        return;
      }
      form.dataset.sent = written(form);
      const all = [...document.querySelectorAll('form.ask [name]:is(select, input[type=text])')];
      const at = all.findIndex((one) => one.form === form);
      next = -1 === at || at + 1 >= all.length ? '' : all[at + 1].id;
    },
    true,
  );
  // The server is told which parts of the page are here already, and of which revision: it answers with what differs.
  document.addEventListener('htmx:configRequest', (event) => {
    event.detail.headers['X-Parts'] = [...document.querySelectorAll('[data-hash]')].map((one) => `${one.id}:${one.dataset.hash}`).join(' ');
    const now = document.getElementById('board-head')?.dataset;
    const says = event.detail.parameters;
    if (!now || undefined === says.base || !(event.target instanceof Element)) return;
    // A remedy is what was written on its button: it stays that of the board it was tried on.
    if (!event.target.closest('.offers')) says.base = now.revision;
    // The list of findings stays as it is from view to view: what is done in it leads back to where one is.
    if (event.target.closest('#tray')) {
      says.view = now.view;
      says.open = now.open;
    }
  });
  // Once a form is answered, the same may be sent again: what was refused may be possible by then.
  document.addEventListener('htmx:afterRequest', (event) => {
    const form = event.target instanceof Element ? event.target.closest('form') : null;
    if (form) delete form.dataset.sent;
  });
  // What can be done about a finding that stayed is worked out anew after an edit, as it comes into sight.
  const asTheyWere = new WeakMap();
  document.addEventListener('htmx:beforeRequest', (event) => {
    if (!(event.target instanceof Element) || !event.target.matches('.offers')) return;
    asTheyWere.set(event.target, { revision: document.getElementById('board-head')?.dataset.revision, html: event.target.innerHTML });
  });
  document.addEventListener('htmx:afterSettle', () => {
    const revision = document.getElementById('board-head')?.dataset.revision;
    document.querySelectorAll('.offers').forEach((offers) => {
      const was = asTheyWere.get(offers);
      if (undefined === was || was.revision === revision) return;
      const anew = offers.cloneNode(false);
      anew.innerHTML = was.html;
      anew.classList.remove('htmx-request', 'htmx-settling');
      offers.replaceWith(anew);
      htmx.process(anew);
    });
  });
  const typed = new Map();
  const fieldsWith = (root) => [...root.querySelectorAll('input[type=text], input[type=search], textarea, select')];
  const isTouched = (field) =>
    field instanceof HTMLSelectElement
      ? [...field.options].some((one) => one.selected !== one.defaultSelected) &&
        !(0 === field.selectedIndex && [...field.options].every((one) => !one.defaultSelected))
      : field.value !== field.defaultValue;
  document.addEventListener('htmx:beforeRequest', (event) => {
    typed.clear();
    const own = event.target instanceof Element ? event.target.closest('form') : null;
    fieldsWith(document)
      .filter((field) => field.form !== own && isTouched(field))
      .forEach((field) => typed.set(keyOf(field), field.value));
  });
  document.addEventListener('htmx:afterSettle', () => {
    if (0 === typed.size) return;
    fieldsWith(document).forEach((field) => {
      const kept = typed.get(keyOf(field));
      if (undefined === kept || isTouched(field)) return;
      field.value = kept;
      field.dispatchEvent(new Event('input', { bubbles: true }));
    });
  });

  // Where the focus goes once the answer is there.
  let refocus = '';

  // A search over the findings, and the next of them and of the open facts by a key.
  document.addEventListener('input', (event) => {
    if (!(event.target instanceof HTMLInputElement) || 'find-finding' !== event.target.id) return;
    const words = event.target.value.toLowerCase().split(/\s+/);
    document.querySelectorAll('#tray .finding').forEach((one) => {
      one.hidden = !words.every((word) => one.textContent.toLowerCase().includes(word));
      if (!one.hidden && '' !== event.target.value) one.closest('details')?.setAttribute('open', '');
    });
  });
  const goOn = (selector) => {
    const all = [...document.querySelectorAll(selector)].filter((one) => one.offsetParent !== null);
    const to = all[(all.indexOf(document.activeElement) + 1) % Math.max(1, all.length)];
    to?.focus();
    to?.scrollIntoView({ block: 'nearest' });
    return undefined !== to;
  };
  // Lines are added on Lines: from elsewhere the key leads there first.
  const addLine = () => {
    const field = document.querySelector('[data-key=add]');
    if (field) return field.focus();
    refocus = 'add-name';
    document.querySelector('.latches li:not(.before) a')?.click();
  };
  const nextFact = () => goOn('.ask [name]:is(select, input[type=text]), .ask a.button') || document.getElementById('facts-link')?.click();
  document.addEventListener('keydown', (event) => {
    if (event.ctrlKey || event.metaKey || event.altKey || !(event.target instanceof Element)) return;
    if (event.target.closest('input, select, textarea, dialog')) return;
    const keys = {
      f: () => goOn('#tray .finding:not([hidden]) > p > a'),
      o: nextFact,
      a: addLine,
      '/': () => (document.getElementById('find') ?? document.getElementById('find-finding'))?.focus(),
    };
    const stage = /^[1-9]$/.test(event.key) ? document.querySelectorAll('.latches li:not(.before) a')[Number(event.key) - 1] : null;
    const act = stage ? () => stage.click() : keys[event.key];
    if (!act) return;
    event.preventDefault();
    act();
  });
  // One row of names is sent by Enter, like any field; a list of them grows. A name that is taken is said while it is typed.
  document.addEventListener('keydown', (event) => {
    const field = event.target;
    if (
      !(field instanceof HTMLTextAreaElement) ||
      !field.hasAttribute('data-refocus') ||
      'Enter' !== event.key ||
      event.shiftKey ||
      event.isComposing
    )
      return;
    event.preventDefault();
    field.form?.requestSubmit();
  });
  document.addEventListener('input', (event) => {
    const field = event.target;
    if (!(field instanceof HTMLTextAreaElement) || !field.dataset.taken) return;
    const names = field.value
      .split(/\n/)
      .map((name) => name.trim().toLowerCase())
      .filter((name) => '' !== name);
    field.rows = Math.min(10, Math.max(1, field.value.split(/\n/).length));
    const taken = names.filter(
      (name, place) => Object.values(JSON.parse(field.dataset.taken)).includes(name) || names.indexOf(name) !== place,
    );
    const says = document.getElementById('add-help');
    if (says)
      says.textContent =
        0 === taken.length ? 'A list of names, one in each row, adds as many lines.' : `“${taken[0]}” is the name of another line already.`;
  });
  document.addEventListener(
    'submit',
    (event) => {
      refocus = event.target instanceof Element ? (event.target.querySelector('[data-refocus]')?.id ?? '') : '';
    },
    true,
  );
  document.addEventListener('htmx:afterSettle', (event) => {
    if ('' !== refocus && !isByItself(event)) document.getElementById(refocus)?.focus();
    refocus = '';
  });
  const showWhatScriptsDo = () => document.querySelector('.find-finding')?.removeAttribute('hidden');
  document.addEventListener('DOMContentLoaded', () => {
    document.documentElement.classList.add('scripted');
    showWhatScriptsDo();
  });
  document.addEventListener('htmx:afterSettle', () => {
    showWhatScriptsDo();
    const wanted = '' === next ? null : document.getElementById(next);
    next = '';
    if (wanted && [document.body, document.getElementById('main'), document.getElementById('tray')].includes(document.activeElement))
      wanted.focus();
  });

  // The opened drawer or the chosen function must be in sight after a swap, without moving what is in sight already.
  // The list of keys needs this script, so its button shows only where the script runs.
  const help = () => document.getElementById('shortcuts');
  const toggleHelp = () => help() instanceof HTMLDialogElement && (help().open ? help().close() : help().showModal());
  const offerHelp = () => document.getElementById('keys')?.removeAttribute('hidden');
  document.addEventListener('click', (event) => event.target instanceof Element && event.target.closest('#keys') && toggleHelp());

  // A function is dragged to a pin; without a pointer the same is done by choosing both.
  let dragged = '';
  const pinUnder = (event) => (event.target instanceof Element ? event.target.closest('[data-pin]') : null);
  document.addEventListener('dragstart', (event) => {
    dragged = event.target instanceof Element ? (event.target.closest('[data-function]')?.dataset.function ?? '') : '';
    event.dataTransfer?.setData('text/plain', dragged);
  });
  document.addEventListener('dragover', (event) => {
    const pin = '' === dragged ? null : pinUnder(event);
    document.querySelectorAll('.drop').forEach((one) => one !== pin && one.classList.remove('drop'));
    if (pin) {
      event.preventDefault();
      pin.classList.add('drop');
    }
  });
  document.addEventListener('drop', (event) => {
    const pin = pinUnder(event);
    const form = document.getElementById('drag');
    if (pin instanceof HTMLElement && form instanceof HTMLFormElement && '' !== dragged) {
      event.preventDefault();
      form.elements.namedItem('function').value = dragged;
      form.elements.namedItem('pin').value = pin.dataset.pin;
      form.requestSubmit();
    }
    dragged = '';
  });
  document.addEventListener('dragend', () => {
    dragged = '';
    document.querySelectorAll('.drop').forEach((one) => one.classList.remove('drop'));
  });

  // A value is tried while it slides; Save makes it an edit.
  document.addEventListener('input', (event) => {
    if (!(event.target instanceof HTMLInputElement) || !event.target.dataset.slide) return;
    const field = document.getElementById(event.target.dataset.slide);
    if (!(field instanceof HTMLInputElement)) return;
    field.value = event.target.dataset.values.split('|')[Number(event.target.value)];
    // What was slid to is only tried; now there is something to save.
    field.form?.classList.add('tried');
  });

  // What was clicked may be gone after a swap, as a remedy is once it is made: then its region takes the focus.
  let region = 'main';
  document.addEventListener('htmx:beforeRequest', (event) => {
    if (isByItself(event)) return;
    region = event.target instanceof Element && event.target.closest('#tray') ? 'tray' : 'main';
  });
  document.addEventListener('htmx:afterSettle', (event) => {
    if (isByItself(event)) return;
    offerHelp();
    if (document.activeElement === document.body) document.getElementById(region)?.focus({ preventScroll: true });
  });
  document.addEventListener('DOMContentLoaded', offerHelp);

  const showDrawer = () => document.querySelector('.drawer, .entry.here')?.scrollIntoView({ block: 'nearest' });
  document.addEventListener('htmx:afterSettle', (event) => isByItself(event) || showDrawer());
  document.addEventListener('DOMContentLoaded', showDrawer);
})();
