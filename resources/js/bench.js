// The bench: sends each edit with the revision on screen, puts the answer's sheet into the frames,
// keeps the selected piece, and never drops an edit whose request failed.
import { showAs, showSheet, selectOnSheet, watchFrames } from './sheet.js';
import { setWidth, watchRuler } from './ruler.js';
import { watchAdding, watchKeys } from './keys.js';
import { watchDragging } from './order.js';
import { watchEdges } from './edges.js';
import { clock } from './clock.js';
import { findingsFollow } from './findings.js';
import { linksFollow, watchLinks } from './links.js';

const bench = document.getElementById('main');
const RETRY = 3000;
// One stay in a field, from entering it to leaving it, is undone in one step.
let burst = '';
const selected = () => bench.dataset.open;
const revision = () => document.getElementById('kept').dataset.revision;
const say = (words) => {
  document.getElementById('said').textContent = words;
};

document.addEventListener('htmx:configRequest', (event) => {
  const { elt, parameters, headers } = event.detail;
  // Queued edits go out with the revision the one before them made.
  if (!elt.closest('[data-own-revision]')) parameters.set('revision', revision());
  parameters.set('open', selected());
  parameters.set('dark', document.getElementById('dark-source').dataset.key);
  if (elt.matches('.fields')) parameters.set('burst', burst);
  // From the cookie, so that signing in again in another tab is enough.
  const token = document.cookie.match(/XSRF-TOKEN=([^;]+)/);
  if (token) headers['X-XSRF-TOKEN'] = decodeURIComponent(token[1]);
});

// Forms live on through an answer, so that a press made while another was on its way still goes out;
// a field whose value was refused keeps what was typed.
window.Idiomorph.defaults.callbacks.beforeNodeMorphed = (before) =>
  !(before.matches?.('.field') && before.querySelector('.field-error')?.textContent);

// Folds the maker opened stay open: only a piece's row is the server's to open.
window.Idiomorph.defaults.callbacks.beforeAttributeUpdated = (name, element) =>
  !(name === 'open' && element.matches?.('details:not([data-piece])'));

// Every key goes out at once; while one edit is on its way, what is typed meanwhile goes with the next.
const sending = new WeakSet();
const waiting = new WeakSet();
bench.addEventListener('input', (event) => {
  const form = event.target.closest('.fields');
  if (!form || event.target.type === 'file') return;
  if (sending.has(form)) waiting.add(form);
  else send(form);
});

function send(form) {
  sending.add(form);
  window.htmx.trigger(form, 'typed');
}

document.addEventListener('htmx:afterRequest', (event) => {
  const { xhr, elt, requestConfig } = event.detail;
  if (sending.delete(elt) && waiting.delete(elt) && (xhr.status === 200 || xhr.status === 422))
    queueMicrotask(() => send(elt));
  // A file that went is not to go again; one chosen meanwhile, whose own request still waits, stays.
  const file = elt.matches?.('form') ? elt.querySelector('input[type="file"]') : null;
  if (xhr.status === 200 && file?.value && requestConfig?.formData?.get(file.name)?.size) file.value = '';
  if (xhr.status && xhr.status < 500 && xhr.status !== 419 && xhr.status !== 401) bench.classList.remove('unkept');
  settle();
});

for (const failure of ['htmx:sendError', 'htmx:responseError', 'htmx:timeout']) {
  document.addEventListener(failure, (event) => {
    const status = event.detail.xhr?.status ?? 0;
    bench.classList.add('unkept');
    const kept = document.getElementById('kept');
    if (status === 413)
      return refuse(event.detail.elt, 'This file is over 10 MB: scale the picture down and choose it again.');
    const signedOut = status === 419 || status === 401;
    const again = signedOut || status === 0 || status >= 500;
    kept.textContent = signedOut
      ? 'not kept: sign in again in another tab'
      : again
        ? 'not kept yet, trying again'
        : 'not kept: reload the page';
    say(kept.textContent);
    if (!again) return undefined;
    // With the button that was pressed: its value says which way, which kind, shown or not.
    const { elt, requestConfig } = event.detail;
    const pressed = requestConfig?.triggeringEvent?.submitter;
    setTimeout(() => (pressed ? pressed.click() : window.htmx.trigger(elt, 'submit')), RETRY);
    return undefined;
  });
}

// A file over the limit never leaves the machine: its sentence stands at once.
bench.addEventListener(
  'change',
  (event) => {
    const input = event.target;
    if (input.type === 'file' && input.files[0]?.size > 10_000_000) {
      event.stopPropagation();
      refuse(input.form, 'This file is over 10 MB: scale the picture down and choose it again.');
      input.value = '';
    }
  },
  true,
);

bench.addEventListener('focusin', (event) => {
  if (event.target.closest('.field')) burst = crypto.getRandomValues(new Uint32Array(2)).join('-');
});

// A half-typed value is no mistake yet: its sentence waits for a pause or for leaving the field.
const PAUSE = 1200;
const pauses = new WeakMap();
bench.addEventListener(
  'input',
  (event) => {
    const field = event.target.closest('.field');
    if (!field) return;
    field.classList.add('typing');
    clearTimeout(pauses.get(field));
    pauses.set(
      field,
      setTimeout(() => rest(field), PAUSE),
    );
  },
  true,
);
bench.addEventListener('change', (event) => rest(event.target.closest('.field')), true);

function rest(field) {
  if (!field) return;
  field.classList.remove('typing');
  settle();
}

function refuse(form, sentence) {
  const input = form.querySelector('input[type="file"]');
  const place = input && document.getElementById(input.getAttribute('aria-describedby'));
  if (place) place.textContent = sentence;
  say(sentence);
  settle();
}

// After every answer: fields with a sentence beside them say so, and the sheet follows.
function settle() {
  document.querySelectorAll('[aria-describedby^="error-"]').forEach((input) => {
    const place = document.getElementById(input.getAttribute('aria-describedby'));
    if (place?.textContent && !input.closest('.typing')) input.setAttribute('aria-invalid', 'true');
    else input.removeAttribute('aria-invalid');
  });
  const { undo, redo } = document.getElementById('kept').dataset;
  document.getElementById('undo').disabled = undo === '0';
  document.getElementById('redo').disabled = redo === '0';
  localTimes();
  linksFollow(revision());
  findingsFollow(revision());
  showSheet();
  selectOnSheet(selected());
}

function localTimes() {
  const kept = document.getElementById('kept');
  if (!bench.classList.contains('unkept')) {
    kept.textContent = `kept ${clock(kept.dateTime)}`;
  }
}

function select(id) {
  if (bench.dataset.open === id) return;
  bench.dataset.open = id;
  selectOnSheet(id);
  window.htmx.ajax('GET', `${location.pathname}/tuning?piece=${encodeURIComponent(id)}`, {
    target: '#tuning',
    swap: 'outerHTML',
  });
}

// One row is open at a time; the open one is the selected piece.
bench.addEventListener(
  'toggle',
  (event) => {
    const id = event.target.dataset?.piece;
    if (!id) return;
    if (event.target.open) select(id);
    else if (bench.dataset.open === id) {
      bench.dataset.open = '';
      selectOnSheet('');
    }
  },
  true,
);

bench.addEventListener('keydown', (event) => {
  if (event.altKey && (event.key === 'ArrowUp' || event.key === 'ArrowDown')) {
    const id = event.target.closest('.piece')?.querySelector('details')?.dataset.piece;
    if (!id) return;
    event.preventDefault();
    document.getElementById(`${event.key === 'ArrowUp' ? 'up' : 'down'}-${id}`).click();
  }
});

// Added pieces start with the cursor in their first field.
document.addEventListener('htmx:oobAfterSwap', (event) => {
  if (event.detail.target?.id !== 'order') return;
  const open = document.querySelector('#order details[open]');
  if (open && open.dataset.piece !== selected()) {
    bench.dataset.open = open.dataset.piece;
    document.querySelector('.add').open = false;
    open.querySelector('input:not([type="hidden"]), textarea, select')?.focus();
  }
});

// Gauges: a press marks the pieces that make the figure what it is.
bench.addEventListener('click', (event) => {
  const gauge = event.target.closest('.gauge[data-pieces]');
  if (!gauge) return;
  const on = gauge.getAttribute('aria-pressed') !== 'true';
  document.querySelectorAll('.gauge[aria-pressed]').forEach((other) => other.setAttribute('aria-pressed', 'false'));
  gauge.setAttribute('aria-pressed', String(on));
  const ids = on ? gauge.dataset.pieces.split(' ').filter(Boolean) : [];
  document
    .querySelectorAll('#order .piece')
    .forEach((row) => row.classList.toggle('marked', ids.includes(row.id.replace('piece-', ''))));
  document.querySelector('#order .marked')?.scrollIntoView({ block: 'nearest' });
  const kinds = ids.map((id) => document.querySelector(`#face-${CSS.escape(id)} .kind`)?.textContent ?? '');
  say(on ? `${gauge.querySelector('.gauge-label').textContent}: ${kinds.join(', ')}` : '');
});

// Echoes: a press works in one, a second press goes back to the page as sent.
const PAGES = {
  soft: 'As seen on a page turned dark',
  forced: 'As seen on a page forced dark',
  phone: 'As sent, on a phone',
  blocked: 'As seen with pictures blocked',
};
bench.addEventListener('click', (event) => {
  const echo = event.target.closest('[data-echo-of]');
  if (!echo) return;
  const way = echo.getAttribute('aria-pressed') === 'true' ? '' : echo.dataset.echoOf;
  document
    .querySelectorAll('[data-echo-of]')
    .forEach((other) => other.setAttribute('aria-pressed', String(other.dataset.echoOf === way)));
  document.querySelector('[data-page]').textContent = PAGES[way] ?? 'As sent, light page';
  document.querySelector('.paper').classList.toggle('paper-dark', way === 'soft' || way === 'forced');
  showAs(way);
  setWidth(way === 'phone' ? 320 : 600);
  say(document.getElementById('stage-title').textContent);
});
watchLinks(revision, say);
watchKeys(selected);
watchAdding();
watchDragging();
watchEdges(selected, (id, field, size) => {
  const input = document.getElementById(id === '' ? field : `field-${id}-${field}`);
  input.value = size;
  if (id === '') input.dispatchEvent(new Event('change', { bubbles: true }));
  else send(input.form);
});
watchRuler(() => {
  showSheet(true);
  selectOnSheet(selected());
});

watchFrames(
  (id) => {
    const row = document.querySelector(`#order details[data-piece="${CSS.escape(id)}"]`);
    if (row) {
      row.open = true;
      row.scrollIntoView({ block: 'nearest' });
    }
  },
  () => selectOnSheet(selected()),
);
settle();
