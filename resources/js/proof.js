// The proof: readings scaled to their tiles, outlines on and off, a reading beside the original.
import './renderings.js';
import { watchTiles } from './tiles.js';

// A tile shows the window of its mail client, reduced to its own width.
function measured(tile, frame) {
  const page = frame.contentDocument?.body;
  const width = Number(frame.dataset.width);
  const height = page?.firstElementChild ? page.scrollHeight : 0;
  const [wide, high] = [tile.clientWidth, tile.clientHeight];
  // The whole of it, down to half its width: what is taller than that is cut.
  const by = Math.max(wide / width / 2, Math.min(wide / width, high / Math.max(1, height)));
  const ground = page ? getComputedStyle(page).backgroundColor : '';
  return () => {
    tile.style.setProperty('background-color', ground);
    Object.assign(frame.style, {
      width: `${width}px`,
      height: `${high / by}px`,
      left: `${(wide - width * by) / 2}px`,
      transform: `scale(${by})`,
    });
  };
}

const outlined = document.getElementById('outlined');
const show = (frame) => {
  frame.src = outlined.checked ? frame.dataset.outlined : frame.dataset.plain;
};
outlined?.addEventListener('change', () => document.querySelectorAll('iframe[data-plain]').forEach(show));
watchTiles(document.querySelectorAll('.reading'), measured, (frame) => outlined.checked || show(frame));

// One of two readings shows from the left up to the line, the other from there on.
const split = document.querySelector('[data-split]');
if (split) {
  const range = split.querySelector('input');
  const frames = [...split.querySelectorAll('iframe')];
  const move = () => {
    split.style.setProperty('--split', `${range.value}%`);
    split.style.setProperty('--line-at', `${(Number(split.dataset.width) * range.value) / 100}px`);
  };
  const fit = () => {
    const heights = frames.map((frame) => frame.contentDocument?.body?.scrollHeight ?? 0);
    split.style.setProperty('--height', `${Math.max(120, ...heights)}px`);
  };
  split.style.setProperty('--width', `${split.dataset.width}px`);
  range.addEventListener('input', move);
  frames.forEach((frame) => frame.addEventListener('load', fit));
  move();
  fit();
}
document.querySelector('[data-goes] select')?.addEventListener('change', (event) => {
  location.href = event.target.value;
});
document.querySelector('[data-print]')?.addEventListener('click', () => window.print());
