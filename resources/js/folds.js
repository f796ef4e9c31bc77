// What a closed fold holds comes as text and becomes part of the page when it is opened, or when it is asked for.
const FOLDED = 'noscript[data-folded]';

/**
 * What stands folded within is part of the page from now on; those who look after such parts hear `unfolded`.
 *
 * @param within an element, or nothing: nothing is done then
 */
export function unfold(within) {
  const folded = within?.querySelectorAll(FOLDED) ?? [];
  folded.forEach(replace);
  if (folded.length) document.dispatchEvent(new Event('unfolded'));
  return within;
}

function replace(folded) {
  const holder = document.createElement('template');
  holder.innerHTML = folded.textContent;
  // Those for pages without scripts only.
  holder.content.querySelectorAll('.unscripted').forEach((one) => one.remove());
  const brought = [...holder.content.children];
  const asks = / hx-/.test(folded.textContent);
  folded.replaceWith(holder.content);
  if (asks) brought.forEach((one) => window.htmx.process(one));
}

/** The element of that id, also where it was folded away. */
export function byId(id) {
  const there = document.getElementById(id);
  if (there) return there;
  const folded = [...document.querySelectorAll(FOLDED)].find(({ textContent }) => textContent.includes(`id="${id}"`));
  unfold(folded?.parentElement);
  return document.getElementById(id);
}

/** Folds give what they hold when they open. */
export function watchFolded() {
  // Before it shows what it holds; what a script opens is heard of later.
  document.addEventListener('click', ({ target }) => unfold(target.closest?.('summary')?.parentElement), true);
  document.addEventListener('toggle', ({ target }) => target.open && unfold(target), true);
  // Who looks for a word on the page looks in what is folded away, too: browsers open the fold it is in.
  document.addEventListener('keydown', ({ key, ctrlKey, metaKey }) => {
    if (key === 'F3' || ((ctrlKey || metaKey) && key?.toLowerCase() === 'f')) unfold(document.body);
  });
}
