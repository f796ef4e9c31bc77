// A picture from the camera, where there is one.
import { words } from './words.js';

const dialog = document.getElementById('camera');
const video = dialog?.querySelector('video');
let taken = () => {};

export const hasCamera = () => Boolean(dialog && navigator.mediaDevices?.getUserMedia);

/** @param then called with the file when one is taken */
export async function takePicture(then) {
  taken = then;
  dialog.showModal();
  try {
    video.srcObject = await navigator.mediaDevices.getUserMedia({ video: { width: { ideal: 1600 } } });
    await video.play();
  } catch {
    dialog.querySelector('.field-error').textContent =
      words('The camera is not to be had: allow it in the browser, or choose a file.');
  }
}

dialog?.querySelector('[data-take]').addEventListener('click', () => {
  if (!video.videoWidth) return;
  const canvas = document.createElement('canvas');
  canvas.width = video.videoWidth;
  canvas.height = video.videoHeight;
  canvas.getContext('2d').drawImage(video, 0, 0);
  canvas.toBlob((blob) => taken(new File([blob], 'Camera.jpg', { type: 'image/jpeg' })), 'image/jpeg', 0.95);
  dialog.close();
});
dialog?.querySelector('[data-close]').addEventListener('click', () => dialog.close());
dialog?.addEventListener('close', () => {
  video.srcObject?.getTracks().forEach((track) => track.stop());
  video.srcObject = null;
  dialog.querySelector('.field-error').textContent = '';
});
