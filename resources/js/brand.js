// The brand page: keeps each change as it is made, and tries again when a request failed.
import { token } from './token.js';
import { words } from './words.js';

const RETRY = 3000;
const main = () => document.getElementById('main');
const kept = () => document.getElementById('kept');

document.addEventListener('input', (event) => {
  // A picked colour is written where it is kept from.
  const field = document.getElementById(event.target.dataset?.fills ?? '');
  if (field) field.value = event.target.value;
});

document.addEventListener('htmx:configRequest', (event) => {
  if (event.detail.parameters.has?.('number') || 'number' in event.detail.parameters)
    event.detail.parameters.set('number', kept().dataset.number);
  // The one in the form may be of a session that is gone.
  event.detail.parameters.delete('_token');
  event.detail.headers['X-XSRF-TOKEN'] = token();
});

for (const failure of ['htmx:sendError', 'htmx:responseError', 'htmx:timeout']) {
  document.addEventListener(failure, (event) => {
    const status = event.detail.xhr?.status ?? 0;
    if (event.detail.requestConfig?.verb !== 'post') return;
    main().classList.add('unkept');
    const signedOut = status === 419 || status === 401;
    const again = signedOut || status === 0 || status >= 500;
    kept().textContent =
      signedOut
        ? words('not kept yet: sign in again in another tab')
        : again
          ? words('not kept yet, trying again')
          : words('not kept: reload the page');
    const { elt, requestConfig } = event.detail;
    const pressed = requestConfig?.triggeringEvent?.submitter;
    if (again) setTimeout(() => (pressed ? pressed.click() : window.htmx.trigger(elt, 'submit')), RETRY);
  });
}

document.addEventListener('htmx:afterSettle', (event) => {
  if (event.detail.target?.id !== 'main') return;
  window.htmx.trigger(document.body, 'kept');
});
