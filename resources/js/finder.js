// The slash opens a window that finds anything; arrows go through what is found.
const dialog = document.getElementById('finder');
const input = dialog.querySelector('input');
const found = document.getElementById('finder-found');

function open(event) {
  event.preventDefault();
  dialog.showModal();
  input.select();
}

document.addEventListener('keydown', (event) => {
  if (
    event.key !== '/' ||
    event.ctrlKey ||
    event.metaKey ||
    event.altKey ||
    event.target.closest?.('input, textarea, select, [contenteditable], dialog[open]')
  )
    return;
  open(event);
});
document.querySelector('.find-open')?.addEventListener('click', open);

let waiting;
let asked = '';
input.addEventListener('input', () => {
  clearTimeout(waiting);
  waiting = setTimeout(async () => {
    asked = input.value;
    const answer = await fetch(`/find?${new URLSearchParams({ q: asked })}`);
    if (!answer.ok || asked !== input.value) return;
    const page = new DOMParser().parseFromString(await answer.text(), 'text/html');
    found.replaceChildren(...page.getElementById('found').children);
  }, 120);
});

dialog.addEventListener('keydown', (event) => {
  // In a search field it would only empty that.
  if (event.key === 'Escape') {
    event.preventDefault();
    dialog.close();
    return;
  }
  const links = [...found.querySelectorAll('a')];
  const at = links.indexOf(document.activeElement);
  if (event.key === 'ArrowDown') (links[at + 1] ?? links[0])?.focus();
  else if (event.key === 'ArrowUp') (at > 0 ? links[at - 1] : input).focus();
  else if (event.key === 'Enter' && event.target === input && links[0]) links[0].click();
  else return;
  event.preventDefault();
});
dialog.addEventListener('click', (event) => {
  if (event.target === dialog) dialog.close();
});
