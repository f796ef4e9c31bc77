// The makers of footers and letters: keeps each change as it is made, as tall as its frame, and copies what was
// given out.
import { token } from './token.js';
import { words } from './words.js';

const form = document.getElementById('maker');

document.addEventListener('htmx:configRequest', (event) => {
  const { parameters, headers } = event.detail;
  parameters.set('number', document.getElementById('kept').dataset.number);
  parameters.set('recipient', new URLSearchParams(location.search).get('recipient') ?? '');
  parameters.delete('_token');
  headers['X-XSRF-TOKEN'] = token();
});

document.addEventListener('htmx:afterRequest', (event) => {
  const { elt, xhr, successful } = event.detail;
  if (elt !== form) return;
  if (successful) {
    window.htmx.trigger(document.body, 'kept');

    return;
  }
  document.getElementById('kept').textContent =
    xhr.status === 409 ? words('not kept') : words('not kept yet, trying again');
  if (xhr.status !== 409) setTimeout(() => window.htmx.trigger(form, 'change'), 3000);
});

function fit(frame) {
  const page = frame.contentDocument?.documentElement;
  if (page) frame.style.height = `${page.scrollHeight + 4}px`;
}
document.addEventListener('load', (event) => event.target.matches?.('.footer-sheet') && fit(event.target), true);
document.querySelectorAll('.footer-sheet').forEach(fit);

// What was opened stays so when what is shown comes anew.
let isOpen = false;
document.addEventListener('toggle', (event) => {
  if (event.target.id !== 'readings') return;
  isOpen = event.target.open;
  event.target.querySelectorAll('.footer-sheet').forEach(fit);
}, true);
document.addEventListener('htmx:afterSwap', () => {
  const readings = document.getElementById('readings');
  if (readings) readings.open = isOpen;
});

document.getElementById('copy-footer')?.addEventListener('click', async (event) => {
  const button = event.currentTarget;
  const told = button.parentElement.querySelector('.copied');
  try {
    const html = await (await fetch(button.dataset.from)).text();
    await navigator.clipboard.writeText(html);
    told.textContent = `Copied, ${html.length.toLocaleString('en-GB')} characters.`;
  } catch {
    told.textContent = words('The browser did not allow it: take the file.');
  }
});
