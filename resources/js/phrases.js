// Words of a sentence that lead somewhere: selected words get an address behind them, and what is pasted from a page
// keeps its links where they stand.
const OPEN = /^https?:|^mailto:|^tel:/i;

/** @param bench the element fields stand in */
export function watchPhrases(bench) {
  bench.addEventListener('click', ({ target }) => {
    const button = target.closest('[data-link-words]');
    if (button) link(document.getElementById(button.dataset.linkWords));
    const ready = target.closest('[data-put]');
    const field = ready && document.getElementById(ready.dataset.put);
    if (!field) return;
    field.focus();
    field.setSelectionRange(field.value.length, field.value.length);
    put(field, `${field.value.trim() ? '\n' : ''}${ready.textContent.trim()}`);
  });
  bench.addEventListener('keydown', (event) => {
    if (!(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'k') return;
    if (!event.target.matches('[data-phrases]')) return;
    event.preventDefault();
    link(event.target);
  });
  bench.addEventListener('paste', (event) => {
    const html = event.target.matches('[data-phrases]') && event.clipboardData?.getData('text/html');
    const text = html ? words(new DOMParser().parseFromString(html, 'text/html').body) : '';
    if (!text.includes('](')) return;
    event.preventDefault();
    put(event.target, event.target.tagName === 'TEXTAREA' ? text : text.replace(/\s+/g, ' '));
  });
}

// The words selected, or the one the cursor is in, in brackets; the cursor goes where their address belongs.
function link(field) {
  let { selectionStart: from, selectionEnd: to } = field;
  if (from === to) {
    from -= /[^\s[\]()]*$/.exec(field.value.slice(0, from))[0].length;
    to += /^[^\s[\]()]*/.exec(field.value.slice(to))[0].length;
  }
  field.focus();
  field.setSelectionRange(from, to);
  const chosen = field.value.slice(from, to) || 'words';
  put(field, `[${chosen}]()`);
  const at = from + chosen.length + 3;
  field.setSelectionRange(at, at);
}

function put(field, text) {
  field.setRangeText(text, field.selectionStart, field.selectionEnd, 'end');
  field.dispatchEvent(new Event('input', { bubbles: true }));
}

const BLOCKS = new Set(['P', 'DIV', 'BR', 'LI', 'TR', 'H1', 'H2', 'H3']);

function words(node) {
  if (node.nodeType === Node.TEXT_NODE) return node.data.replace(/\s+/g, ' ');
  const inner = [...node.childNodes].map(words).join('');
  const address = node.nodeName === 'A' ? node.getAttribute('href') ?? '' : '';
  if (OPEN.test(address) && inner.trim()) {
    return `[${inner.trim().replace(/[[\]]/g, '')}](${address.replace(/\(/g, '%28').replace(/\)/g, '%29')})`;
  }
  return BLOCKS.has(node.nodeName) ? `${inner}\n` : inner;
}
