// Codes to be scanned, of the addresses they stand for.
import qrcode from '../vendor/qrcode.js';

for (const place of document.querySelectorAll('[data-code]')) {
  const made = qrcode(0, 'M');
  made.addData(place.dataset.code);
  made.make();
  const side = made.getModuleCount();
  let path = '';
  for (let row = 0; row < side; row++)
    for (let column = 0; column < side; column++) if (made.isDark(row, column)) path += `M${column} ${row}h1v1h-1z`;
  // Four modules of quiet around it (ISO/IEC 18004), dark on light in either theme.
  const whole = side + 8;
  place.innerHTML = `<svg viewBox="-4 -4 ${whole} ${whole}" shape-rendering="crispEdges"
    ><path fill="#fff" d="M-4-4h${whole}v${whole}h-${whole}z"/><path d="${path}"/></svg>`;
}
