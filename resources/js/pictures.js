import { hasCamera, takePicture } from './camera.js';
import { words } from './words.js';

// Bringing pictures in: chosen, dropped, pasted or taken with the camera; each file goes on its own and shows how far
// it is.
const form = document.getElementById('bring-files');
const arriving = document.getElementById('arriving');
const list = document.getElementById('pictures');
const MOST = 10_000_000;
const queue = [];
let busy = false;

function bring(files) {
  for (const file of files) {
    const row = document.createElement('li');
    const name = document.createElement('span');
    name.textContent = file.name || words('Pasted picture');
    const bar = document.createElement('progress');
    bar.max = 1;
    bar.value = 0;
    bar.setAttribute('aria-label', words('Bringing in :name', { name: name.textContent }));
    row.append(name, bar);
    arriving.append(row);
    if (file.size > MOST) refuse(row, words('This file is over 10 MB: scale the picture down and choose it again.'));
    else queue.push([file, row, bar]);
  }
  next();
}

function refuse(row, sentence) {
  row.querySelector('progress')?.remove();
  const words = document.createElement('span');
  words.className = 'field-error';
  words.textContent = sentence;
  row.append(words);
}

function next() {
  if (busy || queue.length === 0) return;
  busy = true;
  const [file, row, bar] = queue.shift();
  const request = new XMLHttpRequest();
  const body = new FormData();
  body.append('files[]', file, file.name || 'pasted.png');
  body.append('_token', form.elements._token.value);
  request.upload.onprogress = (event) => {
    if (event.lengthComputable) bar.value = event.loaded / event.total;
  };
  request.onload = () => {
    const answer = new DOMParser().parseFromString(request.responseText, 'text/html');
    const tile = answer.querySelector('.picture-tile:not(.picture-refused)');
    if (request.status === 200 && tile) {
      document.getElementById(tile.id)?.remove();
      list.prepend(tile);
      document.querySelector('.empty')?.remove();
      row.remove();
    } else {
      refuse(
        row,
        answer.querySelector('.field-error')?.textContent ??
          (request.status === 413
            ? words('This file is over 10 MB: scale the picture down and choose it again.')
            : words('It did not arrive: choose it again.')),
      );
    }
    busy = false;
    next();
  };
  request.onerror = () => {
    // Not lost: it waits and goes again.
    queue.unshift([file, row, bar]);
    setTimeout(() => {
      busy = false;
      next();
    }, 3000);
  };
  request.open('POST', form.action);
  request.setRequestHeader('Accept', 'application/json');
  request.send(body);
}

form.elements.files.addEventListener('change', (event) => {
  bring(event.target.files);
  event.target.value = '';
});
form.addEventListener('submit', (event) => event.preventDefault());
const area = document.querySelector('[data-drop]');
area.addEventListener('dragover', (event) => {
  event.preventDefault();
  area.classList.add('dropping');
});
area.addEventListener('dragleave', (event) => {
  if (!area.contains(event.relatedTarget)) area.classList.remove('dropping');
});
area.addEventListener('drop', (event) => {
  event.preventDefault();
  area.classList.remove('dropping');
  bring(event.dataTransfer.files);
});
document.addEventListener('paste', (event) => {
  const files = [...event.clipboardData.files].filter((file) => file.type.startsWith('image/'));
  if (files.length) {
    event.preventDefault();
    bring(files);
  }
});

// The camera, where there is one.
const open = document.getElementById('camera-open');
if (hasCamera()) {
  open.hidden = false;
  open.addEventListener('click', () => takePicture((file) => bring([file])));
}
