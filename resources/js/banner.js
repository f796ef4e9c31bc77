// The maker of banners: keeps each change as it is made, and asks for every design when nothing is being typed.
import { token } from './token.js';
import { words } from './words.js';

const form = document.getElementById('maker');

document.addEventListener('htmx:configRequest', (event) => {
  const { parameters, headers } = event.detail;
  if (parameters.has?.('number') || 'number' in parameters)
    parameters.set('number', document.getElementById('kept').dataset.number);
  // A size of its own counts only where none of the named ones is chosen.
  if (parameters.get?.('size')) {
    parameters.delete('width');
    parameters.delete('height');
  }
  parameters.delete('_token');
  headers['X-XSRF-TOKEN'] = token();
});

form.addEventListener('input', (event) => {
  if (event.target.type === 'number') form.elements.size.value = '';
});

document.addEventListener('htmx:afterRequest', (event) => {
  const { elt, xhr, successful } = event.detail;
  if (elt !== form) return;
  if (!successful && xhr.status !== 409) {
    document.getElementById('kept').textContent =
      xhr.status === 419 || xhr.status === 401
        ? words('not kept yet: sign in again in another tab')
        : words('not kept yet, trying again');
    setTimeout(() => window.htmx.trigger(form, 'change'), 3000);

    return;
  }
  form.querySelectorAll('[type="file"]').forEach((input) => (input.value = ''));
  window.htmx.trigger(document.body, 'drawn');
});

// A form posted from the foot is made on what is kept now.
document.addEventListener('submit', (event) => {
  const number = event.target.elements?.number;
  if (number) number.value = document.getElementById('kept').dataset.number;
});
