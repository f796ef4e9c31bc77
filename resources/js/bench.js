// The bench: makes edits of what is typed and pressed, puts what comes back into the page and the frames, and keeps
// the selected piece.
import { showAs, showSheet, selectOnSheet, watchFrames } from './sheet.js';
import { setWidth, watchRuler } from './ruler.js';
import { watchAdding, watchFolds, watchKeys, watchKinds, watchSwitch } from './keys.js';
import { watchDragging } from './order.js';
import { watchEdges } from './edges.js';
import { Edits, said } from './edits.js';
import { byId, unfold, watchFolded } from './folds.js';
import { findingsFollow } from './findings.js';
import { place } from './focus.js';
import { watchPhrases } from './phrases.js';
import { watchSteppers } from './steppers.js';
import { linksFollow, watchLinks } from './links.js';
import { facesFollow } from './faces.js';
import { watchTouch } from './touch.js';
import { watchPictureWays } from './picture-ways.js';
import { words } from './words.js';

const bench = document.getElementById('main');
const LARGEST = 10_000_000;
const TOO_LARGE = words('This file is over 10 MB: scale the picture down and choose it again.');
// One stay in a field, from entering it to leaving it, is undone in one step.
let burst = '';
const selected = () => bench.dataset.open;
const revision = () => document.getElementById('kept').dataset.revision;
// The status is one place for the whole stay. What answers say is said once, when the keys have rested.
const QUIET = 900;
let speaking;
const say = (words) => {
  clearTimeout(speaking);
  document.getElementById('said').textContent = words;
};

function speakLater() {
  const saying = document.getElementById('saying').textContent.trim();
  clearTimeout(speaking);
  if (!saying) return;
  speaking = setTimeout(() => {
    const status = document.getElementById('said');
    // The same words again are news, too.
    status.textContent = status.textContent === saying ? `${saying}\u00a0` : saying;
  }, QUIET);
}

const edits = new Edits(bench.dataset.bench, {
  alongside: () => ({
    revision: revision(),
    open: selected(),
    dark: document.getElementById('dark-source').dataset.key,
    gauges: [...document.getElementById('gauges').children].map((gauge) => gauge.dataset.key).join(' '),
  }),
  added: () => wayBack(),
  state: stand,
  answered: answer,
});

// Nothing is called kept that the server does not have: what waits is said, and how many of it.
function stand(how, waiting = 0) {
  const count = waiting === 1 ? words('one edit waits') : words(':count edits wait', { count: waiting });
  const standing = {
    keeping: words('keeping…'),
    slow: words('no answer yet, asking again'),
    unanswered: words('not kept yet: :count in this browser', { count }),
    'signed out': words('not kept yet, :count: ', { count }),
  };
  const well = how === 'kept' || how === 'keeping';
  bench.classList.toggle('unkept', !well);
  if (how === 'kept') return settle();
  const kept = document.getElementById('kept');
  kept.textContent = standing[how];
  if (how === 'signed out') {
    const again = Object.assign(document.createElement('a'), { href: '/sign-in', target: '_blank' });
    again.textContent = words('sign in again');
    kept.append(again);
  }
  return well || say(kept.textContent);
}

// What is looked at while somebody types is drawn before the rest of the page is put right.
async function sheetFirst(html) {
  const parts = new DOMParser().parseFromString(html, 'text/html');
  const brought = ['dark-source', 'sheet-source'].map((id) => parts.getElementById(id)).filter(Boolean);
  if (!brought.length) return;
  brought.forEach((part) => document.getElementById(part.id).replaceWith(part));
  showSheet();
  selectOnSheet(selected());
  await drawn();
}

// Nothing is drawn of a page out of sight: that is not waited for, or not long.
const UNSEEN = 100;
const drawn = () =>
  document.hidden ||
  Promise.race([
    new Promise((done) => requestAnimationFrame(() => setTimeout(done))),
    new Promise((done) => setTimeout(done, UNSEEN)),
  ]);

async function answer(status, html, edit) {
  if (status < 400 || status === 409 || status === 422) {
    await sheetFirst(html);
    bench.classList.toggle('unkept', status === 409);
    // Those of its row stand in the page before the answer is put there.
    unfold(rowOf(edit.url));
    const stay = place();
    window.htmx.swap(document.body, html, { swapStyle: 'none', swapDelay: 0, settleDelay: 0 });
    stay();
    speakLater();
    if (status === 422) giveBack(edit);
  } else {
    bench.classList.add('unkept');
    document.getElementById('kept').textContent = words('not kept: reload the page');
    if (status === 413) refuse(formOf(edit.url), TOO_LARGE);
  }
  overlay();
  settle();
}

const rowOf = (url) => document.getElementById(`piece-${/\/pieces\/([^/?]+)/.exec(url)?.[1]}`);
const formOf = (url) => [...document.forms].find((form) => form.getAttribute('action') === url);

// What was typed and is not answered yet stands in its fields, whatever the page was drawn from.
function overlay() {
  edits.waiting.forEach(({ url, fields }) => {
    Object.entries(fields).forEach(([name, value]) => {
      const input = formOf(url)?.elements[name];
      if (typeof value === 'string' && input?.matches?.('input:not([type="hidden"]), textarea, select')) {
        if (input.value !== value) input.value = value;
      } else if (name === 'shown') turn(document.querySelector(`.eye[formaction="${url}"]`), value);
    });
  });
}

// An eye shows what it was pressed for at once: the next press asks for the opposite.
function turn(eye, shown) {
  if (!eye) return;
  eye.value = shown === '1' ? '0' : '1';
  eye.setAttribute('aria-pressed', String(shown === '1'));
  eye.closest('.piece').classList.toggle('hidden-piece', shown !== '1');
  const mark = eye.querySelector('use');
  mark.setAttribute('href', mark.getAttribute('href').replace(/#.*/, shown === '1' ? '#eye' : '#eye-slash'));
}

document.addEventListener('submit', (event) => {
  const form = event.target;
  const how = form.dataset.edit;
  if (!how) return;
  event.preventDefault();
  if (how === 'again') edits.onTop(form.elements.revision.value);
  if (how === 'again' || how === 'typed') return;
  const button = event.submitter;
  const fields = said(form);
  if (button?.name) fields[button.name] = button.value;
  if (button?.matches('.eye')) turn(button, button.value);
  edits.add(button?.getAttribute('formaction') ?? form.getAttribute('action'), fields);
  form.querySelectorAll('[data-once]').forEach(clear);
});

// What is added once: gone from its box when it went out, back in it when it was refused.
function clear(box) {
  box.value = '';
}

function giveBack({ url, fields }) {
  const box = formOf(url)?.querySelector('[data-once]');
  if (box && !box.value) box.value = fields[box.name] ?? '';
}

// Enter adds what is in such a box, and so does pasting several lines.
bench.addEventListener('keydown', (event) => {
  if (event.key !== 'Enter' || event.shiftKey || !event.target.matches('[data-once]')) return;
  event.preventDefault();
  event.target.form.requestSubmit();
});
bench.addEventListener('paste', ({ target }) => {
  if (target.matches('textarea[data-once]') && !target.value) setTimeout(() => target.form.requestSubmit());
});

bench.addEventListener('change', (event) => {
  const { form, name, type } = event.target;
  const how = form?.dataset.edit;
  const file = how === 'typed' && type === 'file';
  if (how === 'live' || how === 'part' || file)
    edits.add(form.getAttribute('action'), said(form, how === 'live' ? null : [name]));
  if (file) event.target.value = '';
});

// To the card as it is: what waits is left, as the words beside it say.
bench.addEventListener('click', (event) => {
  if (event.target.closest('[data-drop]')) edits.drop();
});

document.addEventListener('htmx:configRequest', (event) => event.detail.parameters.set('open', selected()));

// Forms live on through an answer, so that a press made while another was on its way still goes out;
// a field whose value was refused keeps what was typed.
window.Idiomorph.defaults.callbacks.beforeNodeMorphed = (before) =>
  !(before.matches?.('.field') && before.querySelector('.field-error')?.textContent);

// Folds the maker opened stay open: only a piece's row is the server's to open. A value that waits is the maker's.
window.Idiomorph.defaults.callbacks.beforeAttributeUpdated = (name, element) => {
  if (name === 'open') return !element.matches?.('details:not([data-piece])');
  const field = element.closest?.('input, textarea, select');
  return !(['value', 'selected', 'checked'].includes(name) && field?.form && waits(field));
};
const waits = ({ form, name }) => name in edits.pending(form.getAttribute('action'));

// Every key is an edit at once; while one is on its way, what is typed meanwhile goes with the next.
bench.addEventListener('input', (event) => {
  const input = event.target;
  if (input.form?.dataset.edit === 'typed' && input.type !== 'file') typed(input);
});

function typed({ form, name }) {
  edits.add(form.getAttribute('action'), said(form, [name]), burst || 'typed');
}

// A file over the limit never leaves the machine: its sentence stands at once.
bench.addEventListener(
  'change',
  (event) => {
    const input = event.target;
    if (input.type === 'file' && input.files[0]?.size > LARGEST) {
      event.stopPropagation();
      refuse(input.form, TOO_LARGE);
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

// After every answer: the sheet follows, and fields with a sentence beside them say so.
function settle() {
  showSheet();
  document.querySelectorAll('[aria-describedby^="error-"]').forEach((input) => {
    const place = document.getElementById(input.getAttribute('aria-describedby'));
    if (place?.textContent && !input.closest('.typing')) input.setAttribute('aria-invalid', 'true');
    else input.removeAttribute('aria-invalid');
  });
  wayBack();
  sayKept();
  refusedStays();
  linksFollow(revision());
  findingsFollow(revision());
  facesFollow();
  if (gauged) markGauged();
  selectOnSheet(selected());
}

// A value that was refused is on the screen and not on the card: nothing is called kept beside it.
function refusedStays() {
  const refused = bench.querySelector('.piece .field-error:not(:empty)')?.textContent.trim();
  if (!refused || edits.waiting.length) return;
  bench.classList.add('unkept');
  document.getElementById('kept').textContent = words('not all kept: a field says why');
}

// What waits can be undone, and what waits to be undone done again.
function wayBack() {
  const { undo, redo } = document.getElementById('kept').dataset;
  document.getElementById('undo').disabled = undo === '0' && !edits.waiting.length;
  document.getElementById('redo').disabled = redo === '0' && !edits.waiting.some(({ url }) => url.endsWith('/undo'));
}

// As the last answer said it, where the page has said something else meanwhile.
function sayKept() {
  const kept = document.getElementById('kept');
  if (!bench.classList.contains('unkept')) kept.textContent = kept.dataset.said;
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
    if (event.target.open) {
      select(id);
      event.target.scrollIntoView({ block: 'nearest' });
    }
    else if (bench.dataset.open === id) {
      bench.dataset.open = '';
      selectOnSheet('');
    }
  },
  true,
);

bench.addEventListener('keydown', (event) => {
  if (event.altKey && (event.key === 'ArrowUp' || event.key === 'ArrowDown')) {
    const way = event.key === 'ArrowUp' ? 'up' : 'down';
    const link = event.target.closest('.profile');
    if (link) {
      event.preventDefault();
      const to = link.parentElement.dataset.links.replace(/place$/, way);
      edits.add(`${to}?link=${encodeURIComponent(link.dataset.link)}`, {});
      return;
    }
    const id = event.target.closest('.piece')?.querySelector('details')?.dataset.piece;
    if (!id) return;
    event.preventDefault();
    byId(`${way}-${id}`).click();
  }
});

// Added pieces start with the cursor in their first field.
document.addEventListener('htmx:oobAfterSwap', (event) => {
  if (event.detail.target?.id !== 'order') return;
  const open = document.querySelector('#order details[open]');
  if (open && open.dataset.piece !== selected()) {
    bench.dataset.open = open.dataset.piece;
    document.querySelector('.add').open = false;
    open.querySelector('input:not([type="hidden"], [name="from"]), textarea, select')?.focus();
  }
});

// Gauges: a press marks the pieces that make the figure what it is, also when it is another figure by then.
let gauged = '';
bench.addEventListener('click', (event) => {
  const gauge = event.target.closest('.gauge[data-pieces]');
  if (!gauge) return;
  gauged = gauge.id === gauged ? '' : gauge.id;
  const ids = markGauged();
  document.querySelector('#order .marked')?.scrollIntoView({ block: 'nearest' });
  const kinds = ids.map((id) => document.querySelector(`#face-${CSS.escape(id)} .kind`)?.textContent ?? '');
  say(gauged ? `${gauge.querySelector('.gauge-label').textContent}: ${kinds.join(', ')}` : '');
});

function markGauged() {
  document
    .querySelectorAll('.gauge[aria-pressed]')
    .forEach((gauge) => gauge.setAttribute('aria-pressed', String(gauge.id === gauged)));
  const ids = (gauged && document.getElementById(gauged)?.dataset.pieces.split(' ').filter(Boolean)) || [];
  document
    .querySelectorAll('#order .piece')
    .forEach((row) => row.classList.toggle('marked', ids.includes(row.id.replace('piece-', ''))));
  return ids;
}

// Echoes: a press works in one, a second press goes back to the page as sent.
const PAGES = {
  soft: words('As seen on a page turned dark'),
  forced: words('As seen on a page forced dark'),
  phone: words('As sent, on a phone'),
  blocked: words('As seen with pictures blocked'),
};
bench.addEventListener('click', (event) => {
  const echo = event.target.closest('[data-echo-of]');
  if (!echo) return;
  const way = echo.getAttribute('aria-pressed') === 'true' ? '' : echo.dataset.echoOf;
  document
    .querySelectorAll('[data-echo-of]')
    .forEach((other) => other.setAttribute('aria-pressed', String(other.dataset.echoOf === way)));
  document.querySelector('[data-page]').textContent = PAGES[way] ?? words('As sent, light page');
  document.querySelector('.paper').classList.toggle('paper-dark', way === 'soft' || way === 'forced');
  showAs(way);
  setWidth(way === 'phone' ? 320 : 600);
  say(document.getElementById('stage-title').textContent);
});
watchFolded();
document.addEventListener('unfolded', overlay);
watchLinks(revision, say);
watchKeys(selected);
watchAdding();
watchKinds(bench);
watchFolds(bench);
watchSwitch();
watchPhrases(bench);
watchSteppers(bench);
watchPictureWays(bench, (form, file) => {
  if (file.size > LARGEST) refuse(form, TOO_LARGE);
  else edits.add(form.getAttribute('action'), { upload: file });
});
watchDragging((url, fields) => edits.add(url, fields));
const fieldsOf = (id) => unfold(document.getElementById(`piece-${id}`)).querySelector('.fields');
const editOf = (id, what) => `${fieldsOf(id).getAttribute('action')}/${what}`;
const touch = watchTouch(selected, (url, fields) => edits.add(url, fields), editOf);
const resize = (id, field, size) => {
  const input = byId(id === '' ? field : `field-${id}-${field}`);
  input.value = size;
  if (id === '') input.dispatchEvent(new Event('change', { bubbles: true }));
  else typed(input);
};
watchEdges(selected, resize, (look) => edits.add(editOf(selected(), 'tuning'), look));
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
  touch,
  () => {
    selectOnSheet(selected());
    setTimeout(() => bench.classList.add('ready'), 120);
  },
);
settle();
// From the finder: the part of tuning an address names stands open.
const part = document.getElementById(location.hash.slice(1));
if (part?.matches('details')) {
  unfold(part);
  part.open = true;
  part.scrollIntoView();
}
edits.resume().then((left) => {
  if (left)
    say(left === 1 ? words('One edit of before goes on.') : words(':count edits of before go on.', { count: left }));
  overlay();
});
