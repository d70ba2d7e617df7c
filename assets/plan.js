// Parts on the plan are moved by hand or by the arrow keys; laying one down is one edit. While it moves, its distance to the other side
// is shown.
(() => {
  'use strict';

  let move = null;

  const box = (rect) => ({
    x: Number(rect.getAttribute('x')),
    y: Number(rect.getAttribute('y')),
    w: Number(rect.getAttribute('width')),
    h: Number(rect.getAttribute('height')),
  });
  const gap = (one, other) =>
    Math.hypot(
      Math.max(0, other.x - one.x - one.w, one.x - other.x - other.w),
      Math.max(0, other.y - one.y - one.h, one.y - other.y - other.h),
    );
  const overlap = (one, other) =>
    one.x < other.x + other.w - 1e-3 &&
    other.x < one.x + one.w - 1e-3 &&
    one.y < other.y + other.h - 1e-3 &&
    other.y < one.y + one.h - 1e-3;

  const begin = (piece) => {
    const plan = piece.closest('.plan');
    if (!plan || !document.getElementById('move-part')) return null;
    const others = [...plan.querySelectorAll('.piece')].filter((one) => one !== piece);
    const metals = (pieces, side) => pieces.flatMap((one) => [...one.querySelectorAll(`.metal.${side}`)].map(box));
    return {
      piece,
      plan,
      dx: 0,
      dy: 0,
      turns: 0,
      grid: Number(plan.dataset.grid),
      whole: box(piece.querySelector('.free')),
      own: { mains: metals([piece], 'mains'), low: metals([piece], 'low') },
      rest: { mains: metals(others, 'mains'), low: metals(others, 'low'), bodies: others.map((one) => box(one.querySelector('.free'))) },
    };
  };

  const show = () => {
    const at = (rect) => ({ ...rect, x: rect.x + move.dx, y: rect.y + move.dy });
    const ways = [
      ...move.own.mains.flatMap((one) => move.rest.low.map((other) => gap(at(one), other))),
      ...move.own.low.flatMap((one) => move.rest.mains.map((other) => gap(at(one), other))),
    ];
    const nearest = Math.min(Infinity, ...ways);
    const onAnother = move.rest.bodies.some((one) => overlap(at(move.whole), one));
    const isNear = nearest < Number(move.plan.dataset.apart) - 1e-3;
    move.piece.setAttribute('transform', `translate(${move.dx} ${move.dy})`);
    move.piece.classList.add('moving');
    move.piece.classList.toggle('near', isNear || onAnother);
    const told = document.getElementById('moving');
    if (!told) return;
    const place = at(move.whole);
    const words = [
      `${move.piece.dataset.device} ${place.x.toFixed(1)} mm from the left, ${place.y.toFixed(1)} mm from the top`,
      Number.isFinite(nearest) ? `${nearest.toFixed(1)} mm to the other side${isNear ? ': too near' : ''}` : '',
      onAnother ? 'lies on another part' : '',
      move.turns % 4 ? `turned by ${90 * (move.turns % 4)}°` : '',
    ];
    told.textContent = `${words.filter(Boolean).join('; ')}.`;
  };

  const stop = () => {
    if (!move) return;
    move.piece.removeAttribute('transform');
    move.piece.classList.remove('moving', 'near');
    const told = document.getElementById('moving');
    if (told) told.textContent = '';
    move = null;
  };

  const layDown = () => {
    const form = document.getElementById('move-part');
    form.elements.designator.value = move.piece.dataset.device;
    form.elements['at[xMetres]'].value = `${(move.whole.x + move.dx).toFixed(2)} mm`;
    form.elements['at[yMetres]'].value = `${(move.whole.y + move.dy).toFixed(2)} mm`;
    form.elements['at[quarters]'].value = (Number(move.piece.dataset.quarters) + move.turns) % 4;
    form.elements.open.value = `plan.${move.piece.dataset.device}`;
    move = null;
    form.requestSubmit();
  };

  const snapped = (metres, grid) => Math.round(metres / grid) * grid;

  document.addEventListener('pointerdown', (event) => {
    const piece = event.target instanceof Element ? event.target.closest('.plan a.piece') : null;
    if (!piece || event.button !== 0) return;
    const began = begin(piece);
    if (!began) return;
    const scale = began.plan.getScreenCTM()?.a || 1;
    move = { ...began, from: { x: event.clientX, y: event.clientY, scale }, isHeld: true };
  });
  document.addEventListener('pointermove', (event) => {
    if (!move?.isHeld) return;
    const dx = (event.clientX - move.from.x) / move.from.scale;
    const dy = (event.clientY - move.from.y) / move.from.scale;
    if (!move.isMoving && Math.hypot(dx, dy) < 1) return;
    move.isMoving = true;
    event.preventDefault();
    move.dx = snapped(dx, move.grid);
    move.dy = snapped(dy, move.grid);
    show();
  });
  document.addEventListener('pointerup', () => {
    if (!move?.isHeld) return;
    const isDone = move.isMoving && (move.dx || move.dy);
    move.isHeld = false;
    if (isDone) {
      // The click that follows would follow the link.
      document.addEventListener('click', swallow, { capture: true, once: true });
      setTimeout(() => document.removeEventListener('click', swallow, { capture: true }), 50);
      layDown();
    } else {
      stop();
    }
  });
  const swallow = (event) => {
    event.preventDefault();
    event.stopPropagation();
  };
  document.addEventListener('dragstart', (event) => {
    if (event.target instanceof Element && event.target.closest('.plan')) event.preventDefault();
  });

  document.addEventListener(
    'keydown',
    (event) => {
      const piece = event.target instanceof Element ? event.target.closest('.plan a.piece') : null;
      if (!piece) return;
      const step = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.key];
      const isTurn = event.key.toLowerCase() === 'r' && !event.ctrlKey && !event.metaKey;
      if (step || isTurn) {
        if (move?.piece !== piece) stop();
        move ??= begin(piece);
        if (!move) return;
        event.preventDefault();
        const length = move.grid * (event.shiftKey ? 10 : 1);
        move.dx += step ? step[0] * length : 0;
        move.dy += step ? step[1] * length : 0;
        move.turns += isTurn ? 1 : 0;
        show();
      } else if (event.key === 'Enter' && move?.piece === piece) {
        event.preventDefault();
        event.stopPropagation();
        layDown();
      } else if (event.key === 'Escape' && move) {
        event.preventDefault();
        stop();
      }
    },
    { capture: true },
  );
  document.addEventListener('htmx:beforeRequest', () => move && !move.isHeld && stop());
})();
