// Lists of cards: renderings scaled to their tiles, and what takes a while.
import { watchTiles } from './tiles.js';
import { words } from './words.js';

const INSET = 20;

function measured(tile, frame) {
  const card = frame.contentDocument?.body?.firstElementChild;
  const { width, height } = card?.getBoundingClientRect() ?? { width: 0, height: 0 };
  const [wide, high] = [tile.clientWidth, tile.clientHeight];
  const scale = Math.min(1, (wide - 2 * INSET) / Math.max(360, width), (high - 2 * INSET) / Math.max(1, height));
  return () => {
    frame.style.height = `${Math.max(1, height) + 2 * INSET}px`;
    const down = Math.max(INSET, (high - height * scale) / 2);
    frame.style.transform = `translate(${INSET}px, ${down}px) scale(${scale})`;
  };
}
watchTiles(document.querySelectorAll('.rendering:has(iframe, noscript)'), measured);
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
