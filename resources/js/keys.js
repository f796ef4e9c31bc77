// Keys of the bench. None fires while somebody types, chooses or has a window open.
import { unfold } from './folds.js';

const typing = (element) =>
  element.closest?.('input, textarea, select, [contenteditable], dialog[open]') ||
  document.querySelector('dialog[open]');
// Whoever speaks to their machine, or brushes keys, switches single ones off (WCAG 2.2, 2.1.4); this browser remembers.
const KEY = 'inky-single-keys';
const off = () => localStorage.getItem(KEY) === 'off';
const rows = () => [...document.querySelectorAll('#order .piece > details > summary')];

/** @param selected gives the id of the piece at work */
export function watchKeys(selected) {
  const row = () => document.querySelector(`#order details[data-piece="${CSS.escape(selected() || '-')}"] > summary`);
  const step = (by) => {
    const all = rows();
    const at = all.indexOf(document.activeElement.closest?.('.piece')?.querySelector('summary') ?? row());
    const next = all[at === -1 ? (by > 0 ? 0 : all.length - 1) : at + by];
    if (!next) return;
    if (!next.parentElement.open) next.click();
    next.focus();
    next.scrollIntoView({ block: 'nearest' });
  };
  const press = (selector) => document.querySelector(selector)?.click();
  const actions = {
    j: () => step(1),
    k: () => step(-1),
    h: () => (document.activeElement.closest?.('.piece') ?? row()?.closest('.piece'))?.querySelector('.eye').click(),
    a: () => {
      const add = unfold(document.querySelector('.add'));
      add.open = true;
      add.querySelector('.add-find').focus();
    },
    z: () => press('#undo:not(:disabled)'),
    Z: () => press('#redo:not(:disabled)'),
    p: () => press('#proof-open'),
    g: () => press('.stage-head a.btn-stamp'),
    y: () => press('.history a'),
    '?': () => document.getElementById('keys').showModal(),
  };
  document.addEventListener('keydown', (event) => {
    if (event.ctrlKey || event.metaKey || event.altKey || typing(event.target)) return;
    if (off() && event.key.length === 1) return;
    if (
      event.key === 'Enter' &&
      event.target.matches?.('summary') &&
      event.target.parentElement.open &&
      event.target.closest('.piece')
    ) {
      event.preventDefault();
      event.target.parentElement
        .querySelector('.fields input:not([type="hidden"]), .fields textarea, .fields select')
        ?.focus();
      return;
    }
    const act = actions[event.key];
    if (!act) return;
    event.preventDefault();
    act();
  });
}

/** The switch of single keys. */
export function watchSwitch() {
  const keys = document.getElementById('single-keys');
  keys.checked = !off();
  keys.addEventListener('change', () => localStorage.setItem(KEY, keys.checked ? 'on' : 'off'));
}

/** What a press fetched into its place, the next press folds away. */
export function watchFolds(bench) {
  bench.addEventListener('htmx:beforeRequest', (event) => {
    const by = event.target.closest('[data-unfolds]');
    const place = by && document.getElementById(by.dataset.unfolds);
    if (!place) return;
    const open = place.childElementCount > 0;
    by.setAttribute('aria-expanded', String(!open));
    if (!open) return;
    event.preventDefault();
    place.replaceChildren();
  });
}

/** The list of every kind of profile, wherever it was put: shows those whose words are typed. */
export function watchKinds(bench) {
  bench.addEventListener('input', ({ target }) => {
    if (!target.matches('.kinds-find')) return;
    const words = target.value.toLowerCase().split(/\s+/).filter(Boolean);
    const list = target.closest('.kinds');
    const kinds = [...list.querySelectorAll('[data-words]')];
    kinds.forEach((kind) => {
      kind.hidden = !words.every((word) => kind.dataset.words.includes(word));
    });
    list.querySelectorAll('[data-kinds]').forEach((trade) => {
      trade.hidden = !trade.querySelector('[data-words]:not([hidden])');
    });
    list.querySelector('.kinds-none').hidden = kinds.some((kind) => !kind.hidden);
  });
}

/** The list of kinds of pieces answers to what is typed above it. */
export function watchAdding() {
  const add = document.querySelector('.add');
  const kinds = () => [...add.querySelectorAll('[data-words]')];
  add.addEventListener('input', ({ target }) => {
    if (!target.matches('.add-find')) return;
    const words = target.value.toLowerCase().split(/\s+/).filter(Boolean);
    kinds().forEach((kind) => {
      kind.hidden = !words.every((word) => kind.dataset.words.includes(word));
    });
    add.querySelector('.add-none').hidden = kinds().some((kind) => !kind.hidden);
  });
  add.addEventListener('keydown', (event) => {
    if (!event.target.matches('.add-find')) return;
    if (event.key === 'Enter') {
      event.preventDefault();
      kinds()
        .find((kind) => !kind.hidden)
        ?.click();
    }
    if (event.key === 'Escape') {
      add.open = false;
      add.querySelector('summary').focus();
    }
  });
  add.addEventListener('toggle', () => {
    if (add.open) {
      // What pieces look like is asked for when somebody looks.
      unfold(add)
        .querySelectorAll('img[data-src]')
        .forEach((image) => {
          image.src = image.dataset.src;
          delete image.dataset.src;
        });
      add.scrollIntoView({ block: 'nearest' });
      return;
    }
    const find = add.querySelector('.add-find');
    find.value = '';
    find.dispatchEvent(new Event('input', { bubbles: true }));
  });
}
