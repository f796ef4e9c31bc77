// Scales reduced renderings to their tiles: the frame keeps its own width, the tile decides how much of it shows.
import { words } from './words.js';

const tiles = document.querySelectorAll('.rendering:has(iframe)');
const INSET = 20;

function fit(tile) {
  const frame = tile.querySelector('iframe');
  const card = frame.contentDocument?.body?.firstElementChild;
  const width = Math.max(360, card ? card.getBoundingClientRect().width : 0);
  const height = Math.max(1, card ? card.getBoundingClientRect().height : 0);
  const scale = Math.min(1, (tile.clientWidth - 2 * INSET) / width, (tile.clientHeight - 2 * INSET) / height);
  frame.style.height = `${height + 2 * INSET}px`;
  const down = Math.max(INSET, (tile.clientHeight - height * scale) / 2);
  frame.style.transform = `translate(${INSET}px, ${down}px) scale(${scale})`;
}

const watcher = new ResizeObserver((entries) => entries.forEach((entry) => fit(entry.target)));
tiles.forEach((tile) => {
  tile.querySelector('iframe').addEventListener('load', () => fit(tile));
  watcher.observe(tile);
});
// What takes a while says so, and cannot be pressed twice.
document.querySelectorAll('form[data-slow]').forEach((form) =>
  form.addEventListener('submit', () => {
    const button = form.querySelector('button');
    button.setAttribute('aria-busy', 'true');
    button.textContent = words('Putting it on the cards…');
    setTimeout(() => {
      button.disabled = true;
    });
  }),
);
// A choice in a list's tools takes effect when it is made; what was chosen has the focus again on the next page.
const KEPT = `inky-chosen ${location.pathname}`;
const atOnce = [...document.querySelectorAll('form[data-at-once]')];
const controls = () => atOnce.flatMap((form) => [...form.querySelectorAll('select, [type="checkbox"]')]);
atOnce.forEach((form) =>
  form.addEventListener('change', ({ target }) => {
    if (!target.matches('select, [type="checkbox"]')) return;
    sessionStorage.setItem(KEPT, controls().indexOf(target));
    form.requestSubmit();
  }),
);
controls()[sessionStorage.getItem(KEPT) ?? -1]?.focus();
sessionStorage.removeItem(KEPT);
