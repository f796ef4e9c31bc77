// The front page: blanks as wide as their words, one card chosen among many, copied as it is.
import { richly } from './clipboard.js';
import { words } from './words.js';

const form = document.getElementById('sentence');
const show = () => window.htmx.trigger(form, 'chosen');

// Where the browser does not make fields as wide as what stands in them.
const canGrow = CSS.supports('field-sizing', 'content');
const grow = (input) => {
  if (!canGrow) input.style.width = `${Math.max(3, (input.value || input.placeholder).length) + 1}ch`;
};
form.querySelectorAll('.blank input').forEach(grow);
form.addEventListener('input', (event) => event.target.closest('.blank') && grow(event.target));

// Enter works on the card: it does not choose the first small one.
form.addEventListener('keydown', (event) => {
  if (event.key !== 'Enter' || !event.target.closest('.blank')) return;
  event.preventDefault();
  const blanks = [...form.querySelectorAll('.blank input')];
  const next = blanks[blanks.indexOf(event.target) + 1];
  next ? next.focus() : form.querySelector('.btn-stamp').focus();
});

form.addEventListener('click', async (event) => {
  const small = event.target.closest('[data-sketch]');
  if (small) {
    event.preventDefault();
    form.querySelector('[type="hidden"][name="sketch"]').value = small.value;
    show();
  }
  const other = event.target.closest('[data-put]');
  if (other) {
    event.preventDefault();
    form.elements[other.dataset.put].value = other.dataset.value;
    show();
  }
  if (event.target.id === 'copy') {
    const told = form.querySelector('.copied');
    try {
      await richly(document.getElementById('html').value, document.getElementById('text').value);
      told.textContent = words('Copied: paste it where your mail program keeps signatures.');
    } catch {
      told.textContent = words('The browser did not allow it: work on it, and take it from there.');
    }
  }
});

function fit() {
  const sheet = document.querySelector('.front-sheet iframe');
  const height = () => sheet.contentDocument?.body?.scrollHeight ?? 0;
  const put = () => (sheet.style.height = `${Math.max(60, height())}px`);
  sheet.addEventListener('load', put);
  put();
}
document.addEventListener('htmx:afterSwap', fit);
fit();
