// The crop: the pointer and the keyboard move a frame, the numbers under it are what is sent; the server bakes.
const stage = document.getElementById('crop');
const image = stage.querySelector('img');
const form = document.getElementById('keep');
const field = (name) => document.getElementById(`part-${name}`);
const number = (name) => Number(field(name).value);
const proportion = document.getElementById('proportion');
const dot = document.createElement('span');
dot.className = 'focus-dot';
let cropper = null;
// Until the picture stands with its own part, the frame says nothing.
let writing = true;

const round = (value) => Math.round(value * 10000) / 10000;
const sides = () => {
  const { naturalWidth, naturalHeight } = cropper.getCanvasData();
  return [naturalWidth, naturalHeight];
};

// From the frame into the numbers.
function write() {
  if (writing || !cropper) return;
  const [across, down] = sides();
  const data = cropper.getData();
  const had = { x: number('x'), y: number('y'), width: number('width'), height: number('height') };
  const next = {
    x: round(data.x / across),
    y: round(data.y / down),
    width: round(data.width / across),
    height: round(data.height / down),
  };
  // The focus goes where the frame goes.
  for (const [axis, at, size] of [
    ['focusX', 'x', 'width'],
    ['focusY', 'y', 'height'],
  ]) {
    const share = had[size] > 0 ? Math.min(1, Math.max(0, (number(axis) - had[at]) / had[size])) : 0.5;
    field(axis).value = round(next[at] + share * next[size]);
  }
  Object.entries(next).forEach(([name, value]) => {
    field(name).value = value;
  });
  field('turn').value = ((Math.round(data.rotate) % 360) + 360) % 360;
  show();
}

// From the numbers into the frame.
function read() {
  writing = true;
  cropper.rotateTo(number('turn'));
  const [across, down] = sides();
  cropper.setData({
    rotate: number('turn'),
    x: number('x') * across,
    y: number('y') * down,
    width: number('width') * across,
    height: number('height') * down,
  });
  writing = false;
  show();
}

let waiting;
function show() {
  place();
  clearTimeout(waiting);
  waiting = setTimeout(bake, 250);
}

function place() {
  const { left, top, width, height } = cropper.getCanvasData();
  dot.style.left = `${left + number('focusX') * width}px`;
  dot.style.top = `${top + number('focusY') * height}px`;
}

function bake() {
  const part = Object.fromEntries(
    ['x', 'y', 'width', 'height', 'turn', 'focusX', 'focusY'].map((name) => [`part[${name}]`, field(name).value]),
  );
  const [across, down] = sides();
  const ratio = (number('height') * down) / (number('width') * across);
  document.querySelectorAll('[data-bake]').forEach(async (item) => {
    const hand = item.dataset.hand === '1';
    const free = item.dataset.bake === 'square';
    const width = free ? Math.max(20, Math.round(Math.min(200, 96 / ratio))) : 96;
    const asked = new URLSearchParams({
      ...part,
      shape: item.dataset.bake,
      tone: hand ? 'ink' : document.getElementById('bake-tone').value,
      ink: '#2c5c3e',
      width,
      height: free ? Math.max(8, Math.round(width * ratio)) : 96,
      outline: document.getElementById('bake-outline').checked ? 1 : 0,
    });
    item.dataset.asked = asked;
    const answer = await fetch(`${stage.dataset.preview}?${asked}`);
    if (item.dataset.asked !== String(asked)) return;
    const words = item.querySelector('.measure');
    if (!answer.ok) {
      words.textContent = await answer.text();
      return;
    }
    const url = URL.createObjectURL(await answer.blob());
    item.querySelectorAll('img').forEach((picture) => {
      picture.src = url;
      picture.width = width;
    });
    const kilobytes = (Number(answer.headers.get('X-Weight')) / 1000).toFixed(1);
    words.textContent = `${kilobytes} KB. ${answer.headers.get('X-Why')}.`;
  });
}

image.addEventListener(
  'ready',
  () => {
    stage.querySelector('.cropper-container').append(dot);
    read();
  },
  { once: true },
);
image.addEventListener('crop', write);
image.addEventListener('zoom', () => requestAnimationFrame(place));

function start() {
  cropper = new window.Cropper(image, {
    viewMode: 1,
    autoCropArea: 1,
    aspectRatio: proportion.value ? Number(proportion.value) : NaN,
    zoomOnWheel: false,
    toggleDragModeOnDblclick: false,
    checkOrientation: false,
    background: false,
  });
}
proportion.addEventListener('change', () => cropper.setAspectRatio(proportion.value ? Number(proportion.value) : NaN));
document
  .querySelectorAll('[data-turn]')
  .forEach((button) => button.addEventListener('click', () => turn(Number(button.dataset.turn))));
document
  .querySelectorAll('[data-zoom]')
  .forEach((button) => button.addEventListener('click', () => size(Number(button.dataset.zoom))));
document.querySelector('[data-whole]').addEventListener('click', () => {
  proportion.value = '';
  cropper.setAspectRatio(NaN);
  Object.entries({ x: 0, y: 0, width: 1, height: 1, focusX: 0.5, focusY: 0.5 }).forEach(([name, value]) => {
    field(name).value = value;
  });
  read();
});
form.querySelector('.part').addEventListener('change', read);
document.getElementById('bake-tone').addEventListener('change', bake);
document.getElementById('bake-outline').addEventListener('change', bake);

function turn(by) {
  field('turn').value = (((number('turn') + by) % 360) + 360) % 360;
  Object.entries({ x: 0, y: 0, width: 1, height: 1, focusX: 0.5, focusY: 0.5 }).forEach(([name, value]) => {
    field(name).value = value;
  });
  read();
}

function size(by) {
  const data = cropper.getData();
  const factor = 1 + by;
  cropper.setData({
    ...data,
    x: data.x - (data.width * by) / 2,
    y: data.y - (data.height * by) / 2,
    width: data.width * factor,
    height: data.height * factor,
  });
}

function focusAt(x, y) {
  field('focusX').value = round(Math.min(number('x') + number('width'), Math.max(number('x'), x)));
  field('focusY').value = round(Math.min(number('y') + number('height'), Math.max(number('y'), y)));
  show();
}

stage.addEventListener('dblclick', (event) => {
  const box = stage.querySelector('.cropper-container').getBoundingClientRect();
  const { left, top, width, height } = cropper.getCanvasData();
  focusAt((event.clientX - box.left - left) / width, (event.clientY - box.top - top) / height);
});

stage.addEventListener('keydown', (event) => {
  const step = event.shiftKey ? 0.05 : 0.01;
  const [across, down] = sides();
  const moves = { ArrowLeft: [-step, 0], ArrowRight: [step, 0], ArrowUp: [0, -step], ArrowDown: [0, step] };
  if (event.altKey && moves[event.key]) {
    focusAt(number('focusX') + moves[event.key][0], number('focusY') + moves[event.key][1]);
  } else if (moves[event.key]) {
    const data = cropper.getData();
    cropper.setData({ ...data, x: data.x + moves[event.key][0] * across, y: data.y + moves[event.key][1] * down });
  } else if (event.key === '+' || event.key === '=') size(0.05);
  else if (event.key === '-') size(-0.05);
  else if (event.key === '[') turn(-1);
  else if (event.key === ']') turn(1);
  else if (event.key === 'f' || event.key === 'F')
    focusAt(number('x') + number('width') / 2, number('y') + number('height') / 2);
  else return;
  event.preventDefault();
});

if (image.complete) start();
else image.addEventListener('load', start, { once: true });
