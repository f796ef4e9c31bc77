import { alone, richly } from './clipboard.js';
import { token } from './token.js';
import { words } from './words.js';

// Puts the card on the clipboard: HTML and plain text together, or the source alone.
const source = document.getElementById('source');
const text = document.getElementById('text');

// What is copied goes into use: the application remembers which revision that was.
function taken() {
  const { taken: url, to, inside } = document.getElementById('main').dataset;
  const headers = { 'X-XSRF-TOKEN': token(), Accept: 'text/html' };
  fetch(url, { method: 'POST', keepalive: true, headers, body: new URLSearchParams({ to, inside }) }).catch(() => {});
}

function wire(id, copy) {
  const button = document.getElementById(id);
  button?.addEventListener('click', async () => {
    const told = button.parentElement.querySelector('.copied');
    try {
      await copy();
      told.className = 'copied';
      told.textContent = button.dataset.copied;
      taken();
    } catch {
      told.className = 'copied not';
      told.textContent = words('The browser did not allow it. Select the source below and copy it by hand.');
    }
  });
}

wire('copy-rich', () => richly(source.value, text.textContent));
wire('copy-source', () => alone(source.value));
wire('copy-text', () => alone(text.textContent));

if (document.querySelector('[data-code]')) import('./code.js');

// Its room is measured beforehand; what a browser makes of it in its own typefaces counts.
const sheet = document.getElementById('sheet');
const fit = () => {
  const page = sheet.contentDocument;
  if (page?.readyState !== 'complete' || page.URL === 'about:blank') return;
  sheet.style.height = `${Math.max(40, page.body.scrollHeight)}px`;
};
sheet.addEventListener('load', fit);
fit();

// Destinations are found by typing; one is chosen by its link.
const find = document.getElementById('find-destination');
const chooser = find?.closest('details');
chooser?.addEventListener('toggle', () => {
  if (chooser.open) find.focus();
});
find?.addEventListener('input', () => {
  const words = find.value.toLowerCase().split(/\s+/).filter(Boolean);
  const rows = [...document.querySelectorAll('.destinations [data-words]')];
  rows.forEach((row) => {
    row.hidden = !words.every((word) => row.dataset.words.includes(word));
  });
  document.querySelectorAll('.destination-group').forEach((group) => {
    group.hidden = [...group.querySelectorAll('li')].every((row) => row.hidden);
  });
  document.querySelector('.destinations-none').hidden = rows.some((row) => !row.hidden);
});
find?.addEventListener('keydown', (event) => {
  if (event.key === 'Enter') {
    event.preventDefault();
    document.querySelector('.destinations li:not([hidden]) a')?.click();
  }
});
