// The end of the ruler: dragged or moved by keys, the window the card is shown in is that wide.
const end = document.getElementById('ruler-end');
const paper = document.querySelector('.paper');
const [LEAST, MOST] = [280, 700];
// Where it stops by itself when it comes near.
const STOPS = [320, 480, 600];
const NEAR = 6;
let moved = () => {};

export function setWidth(width) {
  const to = Math.min(MOST, Math.max(LEAST, Math.round(width)));
  paper.style.setProperty('--window', `${to}px`);
  end.setAttribute('aria-valuenow', to);
  end.setAttribute('aria-valuetext', `${to} pixels`);
  document.querySelector('[data-width]').textContent = `${to} px`;
  fit();
  requestAnimationFrame(moved);
}

// On a small screen the whole window is shown smaller, unless its real size is asked for.
const zoom = document.getElementById('zoom');
function fit() {
  const room = document.querySelector('.stage-body').clientWidth - 28;
  const needed = Number(end.getAttribute('aria-valuenow')) + 28;
  document.querySelector('.stage').classList.toggle('stage-small', needed > room);
  paper.style.zoom = needed > room && zoom.getAttribute('aria-pressed') === 'true' ? room / needed : 1;
}
zoom.addEventListener('click', () => {
  zoom.setAttribute('aria-pressed', String(zoom.getAttribute('aria-pressed') !== 'true'));
  fit();
  requestAnimationFrame(moved);
});
new ResizeObserver(fit).observe(document.querySelector('.stage-body'));

/** @param onMove called once the card has its new width */
export function watchRuler(onMove) {
  moved = onMove;
  end.addEventListener('pointerdown', (event) => {
    end.setPointerCapture(event.pointerId);
    const left = document.querySelector('.ruler').getBoundingClientRect().left;
    const move = ({ clientX }) => {
      const at = clientX - left;
      setWidth(STOPS.find((stop) => Math.abs(stop - at) < NEAR) ?? at);
    };
    end.addEventListener('pointermove', move);
    end.addEventListener('lostpointercapture', () => end.removeEventListener('pointermove', move), { once: true });
  });
  end.addEventListener('keydown', (event) => {
    const now = Number(end.getAttribute('aria-valuenow'));
    const to = {
      ArrowLeft: now - 10,
      ArrowRight: now + 10,
      Home: LEAST,
      End: MOST,
      PageDown: STOPS.findLast((stop) => stop < now),
      PageUp: STOPS.find((stop) => stop > now),
    }[event.key];
    if (to === undefined) return;
    event.preventDefault();
    setWidth(event.shiftKey ? now + Math.sign(to - now) : to);
  });
}
