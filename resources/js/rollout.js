// One test after another by keys: J and K to the next and the one before, R says it is right.
const rows = [...document.querySelectorAll('.board tbody tr')];
const typing = (target) => target.closest('input, textarea, select, [contenteditable]') !== null;

document.addEventListener('keydown', (event) => {
  if (event.ctrlKey || event.metaKey || event.altKey || typing(event.target)) return;
  const at = rows.findIndex((row) => row.classList.contains('board-chosen'));
  const to = { j: rows[at + 1], k: rows[at - 1] }[event.key.toLowerCase()];
  to?.querySelector('a').click();
  if (event.key.toLowerCase() === 'r') document.getElementById('judge-right')?.click();
});
