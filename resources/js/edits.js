// Edits of the card at hand, in the order they were made: each an object of its own with its own number, kept in this
// browser until the server has answered it. One is asked for at a time; what a page shows is no part of it.
import { token } from './token.js';

// Milliseconds: an answer is waited for before a word is said of it, and in all; and between one try and the next.
const SAID = 250;
const PATIENCE = [4000, 8000, 16_000, 30_000];
const FOR_A_FILE = 120_000;
const PAUSES = [300, 1000, 2000, 4000, 8000, 15_000, 30_000];
const NOT_OURS = ['_token', 'revision', 'open'];

const number = () => [...crypto.getRandomValues(new Uint32Array(4))].map((part) => part.toString(16)).join('-');
const at = (list, index) => list[Math.min(index, list.length - 1)];

// The browser's own database; where it has none, as in some private windows, edits live as long as the page.
const database = new Promise((done) => {
  try {
    const asked = indexedDB.open('inky-card', 1);
    asked.onupgradeneeded = () => asked.result.createObjectStore('edits', { keyPath: 'number' });
    asked.onsuccess = () => done(asked.result);
    asked.onerror = () => done(null);
  } catch {
    done(null);
  }
});

async function stored(mode, use) {
  const open = await database;
  if (!open) return undefined;
  return new Promise((done) => {
    const asked = use(open.transaction('edits', mode).objectStore('edits'));
    asked.onsuccess = () => done(asked.result);
    asked.onerror = () => done(undefined);
  });
}

// What one page began, another takes up only when that page is gone: it holds a lock of its name as long as it is there
// (Web Locks). Where there are none, every other page is taken for gone.
const page = number();
const held = (name, then, how = {}) => navigator.locks?.request(`edits-${name}`, how, then) ?? then(true);
held(page, (lock) => lock !== true && new Promise(() => {}));

/**
 * What a form says, or one control of it with those of its name.
 *
 * @param form of an edit
 * @param only names that are taken; all where none are given
 */
export function said(form, only = null) {
  const fields = {};
  new FormData(form).forEach((value, name) => {
    if (NOT_OURS.includes(name) || (only && !only.includes(name))) return;
    if (value instanceof File && !value.size) return;
    fields[name] = name in fields ? [fields[name], value].flat() : value;
  });
  return fields;
}

export class Edits {
  /** Those to be answered, the first of them being asked for. */
  waiting = [];

  #running = false;
  // Nothing is asked for before what an earlier page left is found: that comes first.
  #held = 'resuming';
  #failed = 0;
  #wake = null;

  /**
   * @param card its number
   * @param alongside gives what every request says besides, the revision on screen among it
   * @param state told how things stand: keeping, kept, slow, unanswered or signed out; and how many edits wait
   * @param added told of every edit that begins to wait
   * @param answered told of every answer: its status, its HTML, the edit; what it promises is waited for
   */
  constructor(card, { alongside, added, state, answered }) {
    Object.assign(this, { card, alongside, added, state, answered });
    const again = () => this.#wake?.();
    addEventListener('online', again);
    addEventListener('focus', again);
    document.addEventListener('visibilitychange', again);
    addEventListener('beforeunload', (event) => {
      if (this.waiting.length) event.preventDefault();
    });
  }

  /** Takes up what earlier pages left unanswered, the oldest first; of pages still there, when they are gone. */
  async resume() {
    const others = new Set((await this.#left()).map((edit) => edit.page));
    for (const other of others) {
      const gone = await held(other, (lock) => lock && this.#adopt(other).then(() => true), { ifAvailable: true });
      if (!gone) held(other, () => this.#adopt(other).then(() => this.#run()));
    }
    const left = this.waiting.filter(({ adopted }) => adopted);
    // Before what was typed here while they were looked for.
    this.waiting.sort((one, other) => Boolean(other.adopted) - Boolean(one.adopted) || one.made - other.made);
    this.#go();
    return left.length;
  }

  async #left() {
    const all = (await stored('readonly', (store) => store.getAll())) ?? [];
    return all.filter((edit) => edit.card === this.card && edit.page !== page);
  }

  async #adopt(other) {
    const left = (await this.#left()).filter((edit) => edit.page === other);
    left.sort((one, next) => one.made - next.made);
    left.forEach((edit) => this.#keep(Object.assign(edit, { page, adopted: true })));
    this.waiting.push(...left);
  }

  /** Adds one. What goes on in the same stay in a field goes with what was typed there, as long as that still waits. */
  add(url, fields, burst = '') {
    const last = this.waiting.at(-1);
    if (burst && last && !last.seen && last.burst === burst && last.url === url) {
      Object.assign(last.fields, fields);
      this.#keep(last);
    } else {
      const edit = { number: number(), card: this.card, page, made: this.#now(), url, fields, burst, seen: '' };
      this.waiting.push(edit);
      // One that is asked for at once is kept as it is asked for.
      if (this.#running || this.#held) this.#keep(edit);
      this.added();
    }
    this.#run();
  }

  /** What is typed and not answered yet in a form, by name. */
  pending(url) {
    return Object.assign({}, ...this.waiting.filter((edit) => edit.url === url).map(({ fields }) => fields));
  }

  /** After a conflict: the edit that met it goes on top of what somebody else made of the card. */
  onTop(revision) {
    if (this.#held !== 'conflict') return;
    this.waiting[0].seen = revision;
    this.#go();
  }

  /** Leaves what waits. */
  drop() {
    this.waiting.splice(0).forEach(({ number: one }) => stored('readwrite', (store) => store.delete(one)));
    this.#go();
  }

  #go() {
    this.#held = '';
    this.#run();
  }

  /** Moments in order, also within one tick of the clock. */
  #now() {
    return Math.max(Date.now(), (this.waiting.at(-1)?.made ?? 0) + 0.001);
  }

  #keep(edit) {
    return stored('readwrite', (store) => store.put(edit));
  }

  async #run() {
    if (this.#running) return;
    this.#running = true;
    while (this.waiting.length && !this.#held) await this.#next(this.waiting[0]);
    this.#running = false;
    if (!this.waiting.length) this.state('kept');
  }

  async #next(edit) {
    const { revision, ...more } = this.alongside();
    // From now on it is what was asked for: asked again, it has to be the same.
    edit.seen ||= revision;
    this.#keep(edit);
    const { status, html } = await this.#ask(edit, more);
    if (status === 0 || status === 401 || status === 419 || status >= 500) {
      this.#failed += 1;
      this.state(status === 401 || status === 419 ? 'signed out' : 'unanswered', this.waiting.length);
      await this.#pause(at(PAUSES, this.#failed - 1));
      return;
    }
    this.#failed = 0;
    if (status === 409 || status === 403 || status === 404) this.#held = status === 409 ? 'conflict' : 'refused';
    else {
      // Itself, not the first: what waited may have been left meanwhile.
      this.waiting = this.waiting.filter((other) => other !== edit);
      // Nobody waits for that: were it asked for again, it would be answered the same.
      stored('readwrite', (store) => store.delete(edit.number));
    }
    await this.answered(status, html, edit);
  }

  async #ask(edit, more) {
    const body = new FormData();
    const put = (name, value) => [value].flat().forEach((one) => body.append(name, one));
    Object.entries({ ...edit.fields, revision: edit.seen, burst: edit.burst, ...more }).forEach(([k, v]) => put(k, v));
    const stop = new AbortController();
    // What has to be brought from elsewhere takes its time, too.
    const heavy = 'from' in edit.fields || Object.values(edit.fields).some((value) => value instanceof File);
    const patience = heavy ? FOR_A_FILE : at(PATIENCE, this.#failed);
    const soon = setTimeout(() => this.#failed || this.state('keeping'), SAID);
    const slow = setTimeout(() => this.state('slow', this.waiting.length), PATIENCE[0] - SAID);
    const end = setTimeout(() => stop.abort(), patience);
    try {
      const headers = { 'HX-Request': 'true', Accept: 'text/html', 'X-Edit': edit.number, 'X-XSRF-TOKEN': token() };
      const answer = await fetch(edit.url, { method: 'POST', body, headers, redirect: 'manual', signal: stop.signal });
      // To the page to sign in.
      if (answer.type === 'opaqueredirect') return { status: 401, html: '' };
      return { status: answer.status, html: await answer.text() };
    } catch {
      return { status: 0, html: '' };
    } finally {
      clearTimeout(soon);
      clearTimeout(slow);
      clearTimeout(end);
    }
  }

  #pause(milliseconds) {
    return new Promise((done) => {
      const timer = setTimeout(done, milliseconds);
      this.#wake = () => {
        clearTimeout(timer);
        done();
      };
    });
  }
}
