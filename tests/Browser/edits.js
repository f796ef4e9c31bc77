// What a maker does on the bench, and a network that loses requests and answers, both drawn from one seed.
// Gives back when everything made is answered: how the bench says things stand, and the edits. Given edits are made
// again, one after the other, without a fault.
const [seed, given, done] = arguments;
const faulty = !given;
let state = seed;
const random = (most) => {
  state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
  return Math.floor((state / 2 ** 32) * most);
};
const chance = (() => {
  // Faults have a run of numbers of their own: what is made is the same with and without them.
  let other = seed * 7 + 1;
  return (most) => {
    other = (Math.imul(other, 1664525) + 1013904223) >>> 0;
    return Math.floor((other / 2 ** 32) * most);
  };
})();
const wait = (milliseconds) => new Promise((end) => setTimeout(end, milliseconds));
const real = (window.realFetch ??= window.fetch.bind(window));
let offline = false;
window.fetch = async (url, how) => {
  if (!faulty || how?.method !== 'POST') return real(url, how);
  const fault = offline ? 0 : chance(8);
  if (fault === 0) throw new TypeError('The request was lost.');
  if (fault === 3) return new Response('', { status: 503 });
  const answer = await real(url, how);
  if (fault === 1) throw new TypeError('The answer was lost.');
  if (fault === 2) await wait(chance(60));
  return answer;
};
const waiting = () =>
  new Promise((end) => {
    indexedDB.open('inky-card', 1).onsuccess = ({ target }) => {
      target.result.transaction('edits').objectStore('edits').count().onsuccess = (count) => {
        target.result.close();
        end(count.target.result);
      };
    };
  });
const idle = async () => {
  const until = Date.now() + 45_000;
  for (let calm = 0; calm < 3; ) {
    if (Date.now() > until) throw new Error(document.getElementById('kept').textContent);
    dispatchEvent(new Event('online'));
    calm = (await waiting()) ? 0 : calm + 1;
    await wait(8);
  }
};
const token = () => decodeURIComponent(document.cookie.match(/XSRF-TOKEN=([^;]+)/)[1]);
const post = (url, body) => {
  const headers = { 'X-XSRF-TOKEN': token() };
  return real(url, { method: 'POST', headers, body: new URLSearchParams(body), redirect: 'manual' });
};
const signIn = async () => {
  await real('/sign-in');
  await post('/sign-in', { email: 'maren@quillfern.example', password: 'quillfern-demo' });
};

const ids = ['p2', 'p3', 'p4', 'p5'];
// Fields that take any words: half of an address is refused, and how much of one is asked for is a matter of chance.
const texts = ['p2', 'p3', 'p4'];
const words = () =>
  ['Ada ', 'Birch', 'garden@a.example', '01632 960123', ' ', 'ünï', 'a.example'][random(7)] + random(90);
const type = async (id, text) => {
  const input = document.querySelector(`#piece-${id} .fields input[name^="fields"]:not([type="number"])`);
  input.dispatchEvent(new FocusEvent('focusin', { bubbles: true }));
  for (let end = 1; end <= text.length; end += 1 + random(4)) {
    input.value = text.slice(0, end);
    input.dispatchEvent(new InputEvent('input', { bubbles: true }));
    if (random(3) === 0) await wait(5);
  }
  input.value = text;
  input.dispatchEvent(new InputEvent('input', { bubbles: true }));
};
const click = (selector, value) => {
  const button = document.querySelector(selector);
  // What a press asks for is what the button said when it was pressed.
  if (value) Object.assign(button, { value, disabled: false });
  const pressed = button.disabled ? '' : button.value || 'pressed';
  button.click();
  return pressed;
};
const make = {
  type,
  eye: (id, value) => click(`#eye-${id}`, value),
  up: (id) => click(`#up-${id}`),
  down: (id) => click(`#down-${id}`),
  undo: (id, value) => click('#undo', value),
  redo: (id, value) => click('#redo', value),
};
const kinds = ['type', 'type', 'type', 'eye', 'up', 'down', 'undo', 'undo', 'redo'];

const all = async () => {
  // Rows are worked in here without being opened: looking for a word unfolds them all.
  document.dispatchEvent(new KeyboardEvent('keydown', { key: 'f', ctrlKey: true }));
  const made = [];
  for (let count = 0; faulty && count < 8; count += 1) {
    const kind = kinds[random(kinds.length)];
    const id = kind === 'type' ? texts[random(texts.length)] : ids[random(ids.length)];
    const text = kind === 'type' ? words() : undefined;
    const pressed = await make[kind](id, text);
    if (text || pressed) made.push([kind, id, text ?? pressed]);
    offline = chance(3) === 0;
    if (chance(30) === 0) {
      await post('/sign-out', {});
      await wait(20);
      await signIn();
    }
    await wait(chance(40));
  }
  for (const [kind, id, value] of given ?? []) {
    await make[kind](id, value);
    await idle();
  }
  offline = false;
  await idle();
  window.fetch = real;
  done([document.getElementById('kept').textContent.trim(), made]);
};
all().catch((error) => done([`stuck: ${error.message}, conflict: ${document.getElementById('conflict').innerText}`, []]));
