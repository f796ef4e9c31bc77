// The sheet shows a typeface this machine lacks by the open face of the same widths, and says so.
import { words } from './words.js';

const asked = new Map();
const has = (family) => {
  if (!asked.has(family)) {
    asked.set(
      family,
      new FontFace('inky-probe', `local("${family}")`).load().then(
        () => true,
        () => false,
      ),
    );
  }
  return asked.get(family);
};

/** Says of every typeface on the sheet that is not on this machine what stands for it. */
export async function facesFollow() {
  const faces = JSON.parse(document.getElementById('sheet-source').dataset.faces);
  const lacking = [];
  for (const face of faces) if (!(await has(face.name))) lacking.push(face);
  document.getElementById('faces-said').textContent = lacking
    .map(({ name, twin }) =>
      twin
        ? words('This machine lacks :name: the sheet shows :twin, which is as wide.', { name, twin })
        : words('This machine lacks :name: the sheet shows what stands in for it.', { name }),
    )
    .join(' ');
}
