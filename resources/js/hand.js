// A name drawn on the page: its strokes are sent, never its pixels.
const canvas = document.getElementById('pad');
const form = document.getElementById('draw');

function size(pad) {
  const drawn = pad.toData();
  const ratio = Math.max(1, window.devicePixelRatio);
  canvas.width = canvas.offsetWidth * ratio;
  canvas.height = canvas.offsetHeight * ratio;
  canvas.getContext('2d').scale(ratio, ratio);
  pad.fromData(drawn);
}

const pad = new window.SignaturePad(canvas, {
  penColor: getComputedStyle(document.body).color,
  minWidth: 1.2,
  maxWidth: 3.2,
});
size(pad);
window.addEventListener('resize', () => size(pad));
form.addEventListener('submit', () => {
  form.elements.strokes.value = JSON.stringify(
    pad
      .toData()
      .map((stroke) => stroke.points.map(({ x, y, time }) => [Math.round(x * 10) / 10, Math.round(y * 10) / 10, time])),
  );
});
form.querySelector('[data-clear]').addEventListener('click', () => pad.clear());
form.querySelector('[data-back]').addEventListener('click', () => pad.fromData(pad.toData().slice(0, -1)));

const words = document.getElementById('words');
let waiting;
words.addEventListener('input', () => {
  clearTimeout(waiting);
  waiting = setTimeout(
    () =>
      document.querySelectorAll('[data-face]').forEach((sample) => {
        sample.src = `${sample.dataset.from}?${new URLSearchParams({ words: words.value, face: sample.dataset.face })}`;
      }),
    250,
  );
});
