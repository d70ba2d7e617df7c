// The bench plays on the page what the server has reckoned: states of parts at their moments, the clock, a soft click where it is wanted.
// Nothing is asked of the server while nothing comes: it has said when the next thing will happen.
(() => {
  'use strict';

  const still = matchMedia('(prefers-reduced-motion: reduce)');
  /** Longest a stretch is played, in milliseconds: what took longer goes by faster. */
  const LONGEST_MS = 2500;
  /** Each event of a demonstration stands for so long before the next. */
  const SLOW_MS = 900;
  let clicks = false;
  let air = null;
  /** What goes on now on each stage: a number, so that what was begun before a newer answer ends by itself. */
  const turns = new WeakMap();
  const turnOf = (stage) => turns.get(stage) ?? 0;
  const newTurn = (stage) => turns.set(stage, turnOf(stage) + 1).get(stage);
  /** The moment that the clock shows, in microseconds; null while one looks back, or nothing runs. */
  let shown = null;

  const click = () => {
    if (!clicks || !air) return;
    const long = Math.round(air.sampleRate * 0.012);
    const sound = air.createBuffer(1, long, air.sampleRate);
    const data = sound.getChannelData(0);
    for (let i = 0; i < long; i += 1) data[i] = (Math.random() * 2 - 1) * Math.exp((-6 * i) / long) * 0.12;
    const source = air.createBufferSource();
    source.buffer = sound;
    source.connect(air.destination);
    source.start();
  };

  const set = (within, key, state) => {
    within.querySelectorAll(`[data-part="${CSS.escape(key)}"]`).forEach((part) => {
      if (part.dataset.state === state) return;
      part.dataset.state = state;
      const words = part.dataset.words ? JSON.parse(part.dataset.words)[state] : undefined;
      const says = part.querySelector('[data-say]');
      if (says && undefined !== words) says.textContent = words;
      if (key.startsWith('relay ')) click();
    });
  };

  const days = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'];
  const timeOfWeek = (micros) => {
    const seconds = Math.floor(micros / 1e6) % (7 * 86400);
    const two = (number) => String(number).padStart(2, '0');
    const clock = [(seconds / 3600) % 24, (seconds / 60) % 60, seconds % 60].map(Math.floor).map(two).join(':');
    return `${days[Math.floor(seconds / 86400)]} ${clock}`;
  };
  const clockOf = (stage) => stage.querySelector('[data-clock]');
  const tell = (stage, micros) => {
    const clock = clockOf(stage);
    const words = `${(micros / 1e6).toFixed(3)} s`;
    if (clock && clock.textContent !== words) clock.textContent = words;
    const week = stage.querySelector('[data-week]');
    if (week) week.textContent = timeOfWeek(Number(week.dataset.week) + micros);
    const at = stage.querySelector('input[name=at]');
    if (at) at.value = String(Math.round(micros));
  };

  /** Puts every part where it stood before, and lets it change as it did; says when it is through. */
  const play = (stage, changes, from, to, done) => {
    const mine = newTurn(stage);
    [...changes].reverse().forEach(([, key, before]) => set(stage, key, before));
    const slow = stage.hasAttribute('data-slow');
    const span = to - from;
    const times = [...new Set(changes.map(([micros]) => micros))];
    const long = slow ? SLOW_MS * (times.length + 1) : Math.min(LONGEST_MS, span / 1000);
    // Slowly, every moment is as far from the next; else time passes evenly.
    const whenOf = (micros) => (slow ? SLOW_MS * (times.indexOf(micros) + 1) : ((micros - from) / Math.max(1, span)) * long);
    const start = performance.now();
    let next = 0;
    const frame = () => {
      if (mine !== turnOf(stage) || !stage.isConnected) return;
      const passed = performance.now() - start;
      while (next < changes.length && whenOf(changes[next][0]) <= passed) {
        const [micros, key, , state] = changes[next];
        set(stage, key, state);
        if (slow) mark(stage, micros);
        next += 1;
      }
      const now = slow ? (0 === next ? from : changes[next - 1][0]) : Math.min(to, from + (passed / Math.max(1, long)) * span);
      shown = now;
      tell(stage, now);
      if (passed < long) requestAnimationFrame(frame);
      else done(mine);
    };
    requestAnimationFrame(frame);
  };

  /** The sentence of a demonstration that is being played. */
  const mark = (stage, micros) => {
    stage.querySelectorAll('[data-told]').forEach((one) => {
      const isNow = Number(one.dataset.told) === micros;
      one.classList.toggle('now', isNow);
      one.classList.toggle('still', Number(one.dataset.told) > micros);
    });
  };

  /** Time goes on by itself until the next thing that the server knows of. */
  const run = (stage, now, mine) => {
    const running = stage.querySelector('input[name=time][value=runs]');
    const start = performance.now();
    const next = '' === (stage.dataset.next ?? '') ? Infinity : Number(stage.dataset.next);
    const go = () => {
      if (mine !== turnOf(stage) || !stage.isConnected || !running?.checked) return;
      const at = now + (performance.now() - start) * 1000;
      shown = Math.min(at, next);
      tell(stage, shown);
      if (at < next) {
        if (still.matches) setTimeout(go, 1000 - ((performance.now() - start) % 1000));
        else requestAnimationFrame(go);
      } else stage.querySelector('[data-go-on]')?.click();
    };
    if (running?.checked) go();
  };

  const begin = (stage) => {
    if (stage.dataset.begun) return;
    stage.dataset.begun = 'yes';
    const box = stage.querySelector('[data-click]');
    if (box) box.checked = clicks;
    const changes = JSON.parse(stage.dataset.play ?? '[]');
    const now = Number(stage.dataset.now);
    const isLive = 'live' === stage.id;
    if (stage.hasAttribute('data-back')) return;
    const goOn = (mine) => {
      tell(stage, now);
      if (isLive) run(stage, now, mine);
    };
    if (0 === changes.length || still.matches) goOn(turnOf(stage));
    else play(stage, changes, Number(stage.dataset.from), now, isLive ? goOn : () => through(stage));
  };

  const phone = () => document.querySelector('.bench-phone iframe');
  /** The phone is told what the board has told it by now. */
  const tellPhone = () => {
    const says = document.getElementById('live')?.dataset.phone;
    if (says) phone()?.contentWindow.postMessage(JSON.parse(says), '*');
  };
  addEventListener('message', (event) => {
    if (!phone() || event.source !== phone().contentWindow) return;
    const word = event.data?.panel;
    const button = document.querySelector('#live [data-by-phone]');
    if (typeof word !== 'string' || !button) return tellPhone();
    const blank = word.indexOf(' ');
    const act = JSON.parse(document.getElementById('live').dataset.phone).acts[word.slice(0, blank)];
    if (act) {
      button.value = act + word.slice(blank + 1);
      button.click();
    }
  });

  const beginAll = () => {
    document.querySelectorAll('[data-now]').forEach(begin);
    tellPhone();
  };
  document.addEventListener('DOMContentLoaded', beginAll);
  document.addEventListener('htmx:afterSettle', beginAll);

  document.addEventListener('change', (event) => {
    const field = event.target;
    if (!(field instanceof HTMLInputElement)) return;
    if (field.hasAttribute('data-click')) {
      clicks = field.checked;
      air ??= new AudioContext();
      click();
    }
    const stage = document.getElementById('live');
    if ('time' !== field.name || !stage || stage.hasAttribute('data-back')) return;
    // What runs is stopped where it is, and what stood goes on from there.
    run(stage, shown ?? Number(stage.dataset.now), newTurn(stage));
  });

  /** A demonstration has come to its end: all of its sentences stand there again. */
  const through = (stage) => {
    tell(stage, Number(stage.dataset.now));
    stage.querySelectorAll('.now, .still').forEach((one) => one.classList.remove('now', 'still'));
  };

  // Board and remedy are played beside each other, slowly, and again when somebody asks.
  document.addEventListener('click', (event) => {
    if (!(event.target instanceof Element) || !event.target.closest('[data-again]')) return;
    document.querySelectorAll('[data-slow]').forEach((stage) => {
      const changes = JSON.parse(stage.dataset.play ?? '[]');
      play(stage, changes, Number(stage.dataset.from), Number(stage.dataset.now), () => through(stage));
    });
  });

  // From moment to moment by the arrow keys.
  document.addEventListener('keydown', (event) => {
    const at = event.target;
    if (!(at instanceof Element) || !at.matches('.moment') || !['ArrowLeft', 'ArrowRight'].includes(event.key)) return;
    const all = [...document.querySelectorAll('.moment')];
    const to = all[all.indexOf(at) + ('ArrowRight' === event.key ? 1 : -1)];
    if (!to) return;
    event.preventDefault();
    to.focus();
    to.click();
  });
})();
