// The timeline: the flag chooses a day, bars are dragged and moved by keys.
const plan = document.getElementById('plan');
const flag = document.getElementById('flag');
const words = document.getElementById('flag-words');
const form = document.getElementById('plan-move');
const days = Number(plan.dataset.days);
const WAIT = 250;

const day = (at) => {
  const date = new Date(`${plan.dataset.from}T12:00:00Z`);
  date.setUTCDate(date.getUTCDate() + at);
  return date;
};
const iso = (at) => day(at).toISOString().slice(0, 10);
const said = (at) =>
  day(at).toLocaleDateString(document.documentElement.dataset.region, {
    day: 'numeric',
    month: 'long',
    year: 'numeric',
    timeZone: 'UTC',
  });

let waiting;
function show() {
  const at = Number(flag.value);
  const share = `${(100 * at) / days}%`;
  plan.querySelectorAll('.plan-line').forEach((line) => {
    line.setAttribute('x1', share);
    line.setAttribute('x2', share);
  });
  const late = at / days > 0.7;
  words.setAttribute('x', share);
  words.querySelector('rect').setAttribute('x', late ? -118 : 6);
  words.querySelector('text').setAttribute('x', late ? -62 : 62);
  words.querySelector('text').textContent = said(at);
  flag.setAttribute('aria-valuetext', said(at));
  form.querySelector('[name="on"]')?.remove();
  form.insertAdjacentHTML('beforeend', '<input type="hidden" name="on">');
  form.elements.on.value = iso(at);
  clearTimeout(waiting);
  const ask = () => window.htmx.ajax('GET', `/banners/day?on=${iso(at)}`, { target: '#day', swap: 'innerHTML' });
  waiting = setTimeout(ask, WAIT);
}
flag.addEventListener('input', show);

// Many presses of a key are one move.
let pending = null;
function move(id, by, end) {
  if (pending && (pending.id !== id || pending.end !== end)) send();
  pending ??= { id, by: 0, end };
  pending.by += by;
  clearTimeout(pending.timer);
  pending.timer = setTimeout(send, 700);
  preview(pending);
}
function send() {
  const { id, by, end } = pending;
  pending = null;
  if (by === 0) return;
  form.action = `/banners/windows/${id}/move`;
  form.elements.days.value = by;
  form.elements.end.value = end;
  form.submit();
}
function preview({ id, by, end }) {
  const bar = plan.querySelector(`[data-window="${id}"] > svg`);
  bar.dataset.x ??= parseFloat(bar.getAttribute('x'));
  bar.dataset.width ??= parseFloat(bar.getAttribute('width'));
  const shift = (100 * by) / days;
  const [x, width] = [Number(bar.dataset.x), Number(bar.dataset.width)];
  bar.setAttribute('x', `${end === 'until' ? x : x + shift}%`);
  const wide = { until: width + shift, from: width - shift }[end] ?? width;
  bar.setAttribute('width', `${Math.max(0.2, wide)}%`);
}

plan.addEventListener('keydown', (event) => {
  const bar = event.target.closest?.('.plan-bar');
  const by = { ArrowLeft: -1, ArrowRight: 1 }[event.key];
  if (!bar || !by) return;
  event.preventDefault();
  move(bar.dataset.window, by, event.shiftKey ? 'until' : event.altKey ? 'from' : '');
});

const EDGE = 8;
let drag = null;
plan.addEventListener('pointerdown', (event) => {
  const bar = event.target.closest?.('.plan-bar');
  if (!bar || event.button !== 0) return;
  const box = bar.querySelector('.bar-edge').getBoundingClientRect();
  const end = event.clientX < box.left + EDGE ? 'from' : event.clientX > box.right - EDGE ? 'until' : '';
  drag = { bar, end, from: event.clientX, day: bar.closest('svg').getBoundingClientRect().width / days, by: 0 };
});
document.addEventListener('pointermove', (event) => {
  if (!drag) return;
  drag.by = Math.round((event.clientX - drag.from) / drag.day);
  if (drag.by !== 0) preview({ id: drag.bar.dataset.window, by: drag.by, end: drag.end });
});
document.addEventListener('pointerup', () => {
  if (!drag) return;
  const { bar, by, end } = drag;
  drag = null;
  if (by === 0) return;
  bar.addEventListener('click', (event) => event.preventDefault(), { once: true });
  pending = { id: bar.dataset.window, by, end };
  send();
});
plan.addEventListener('dragstart', (event) => event.preventDefault());
