// The proof: readings scaled to their tiles, outlines on and off, a reading beside the original.
import './renderings.js';

// A tile shows the window of its mail client, reduced to its own width.
const tiles = document.querySelectorAll('.reading');
const scale = (tile) => {
  const frame = tile.querySelector('iframe');
  const page = frame.contentDocument?.body;
  const width = Number(frame.dataset.width);
  const height = page?.firstElementChild ? page.scrollHeight : 0;
  // The whole of it, down to half its width: what is taller than that is cut.
  const by = Math.max(
    tile.clientWidth / width / 2,
    Math.min(tile.clientWidth / width, tile.clientHeight / Math.max(1, height)),
  );
  tile.style.setProperty('background-color', page ? getComputedStyle(page).backgroundColor : '');
  Object.assign(frame.style, {
    width: `${width}px`,
    height: `${tile.clientHeight / by}px`,
    left: `${(tile.clientWidth - width * by) / 2}px`,
    transform: `scale(${by})`,
  });
};
const watcher = new ResizeObserver((entries) => entries.forEach((entry) => scale(entry.target)));
tiles.forEach((tile) => {
  tile.querySelector('iframe').addEventListener('load', () => scale(tile));
  watcher.observe(tile);
});

const outlined = document.getElementById('outlined');
outlined?.addEventListener('change', () => {
  document.querySelectorAll('iframe[data-plain]').forEach((frame) => {
    frame.src = outlined.checked ? frame.dataset.outlined : frame.dataset.plain;
  });
});

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
