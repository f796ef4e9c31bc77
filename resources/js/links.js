// The list of a card's links: fetched when it is opened, again after every edit while it stays open.
import { words } from './words.js';

const panel = () => document.getElementById('links');
let shown = '';
let all = 0;

function fetchLinks(revision) {
  shown = revision;
  window.htmx.ajax('GET', panel().dataset.links, { target: '#links-panel', swap: 'morph:outerHTML' });
}

/** @param revision the one on screen now */
export function linksFollow(revision) {
  if (panel()?.open && shown !== revision && !panel().querySelector('[aria-invalid]')) fetchLinks(revision);
}

/** @param revision gives the one on screen @param say tells a screen reader */
export function watchLinks(revision, say) {
  panel().addEventListener('toggle', (event) => {
    if (event.target === panel()) linksFollow(revision());
  });
  panel().addEventListener('click', (event) => {
    if (!event.target.matches('[data-check-all]')) return;
    event.preventDefault();
    const forms = [...panel().querySelectorAll('.links-check')];
    all = forms.length;
    event.target.disabled = true;
    forms.forEach((form) => {
      form.dataset.asked = '';
      window.htmx.trigger(form, 'submit');
    });
  });
  document.addEventListener('htmx:afterRequest', (event) => {
    const { elt } = event.detail;
    if (!elt.matches?.('.links-check')) return;
    delete elt.dataset.asked;
    const left = panel().querySelectorAll('[data-asked]').length;
    const place = panel().querySelector('[data-checked]');
    if (!all || !place) return;
    const look = panel().querySelectorAll('.verdict-look').length;
    place.textContent = left
      ? `${all - left} of ${all}`
      : look === 0
        ? words(':count checked, all answer', { count: all })
        : words(':count checked, :look to look at', { count: all, look });
    if (!left) {
      all = 0;
      say(place.textContent);
      panel().querySelector('[data-check-all]').disabled = false;
    }
  });
}
