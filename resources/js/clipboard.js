// What goes on the clipboard: HTML and plain text together, or words alone.
export function richly(html, plain) {
  if (navigator.clipboard?.write && window.ClipboardItem) {
    return navigator.clipboard.write([
      new ClipboardItem({
        'text/html': new Blob([html], { type: 'text/html' }),
        'text/plain': new Blob([plain], { type: 'text/plain' }),
      }),
    ]);
  }
  // Without a secure context the asynchronous clipboard is missing; the copy event still takes both types.
  return byEvent({ 'text/html': html, 'text/plain': plain });
}

export function alone(words) {
  return navigator.clipboard?.writeText ? navigator.clipboard.writeText(words) : byEvent({ 'text/plain': words });
}

function byEvent(types) {
  const put = (event) => {
    event.preventDefault();
    Object.entries(types).forEach(([type, value]) => event.clipboardData.setData(type, value));
  };
  document.addEventListener('copy', put, { once: true });
  const worked = document.execCommand('copy');
  document.removeEventListener('copy', put);
  return worked ? Promise.resolve() : Promise.reject(new Error('refused'));
}
