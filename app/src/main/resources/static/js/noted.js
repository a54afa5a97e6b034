// What was noted about each item, and what still has to reach the server. Pure but for the store and the post it is given.

const newKey = () => crypto.randomUUID?.() ?? `${Date.now()}-${Math.random()}`.slice(0, 36);

// Each response carries its own key, so sending it again after a lost connection keeps it once. One told more exactly names the
// one it takes the place of; so does one that is taken back.
export function notes(outbox) {
  const keys = new Map();
  const keysOf = (item) => {
    if (!keys.has(item)) keys.set(item, new Map());
    return keys.get(item);
  };
  return {
    // What the server had already: `DONE:key HURT:key`; and over it what is still on its way there.
    restore(item, words) {
      for (const pair of words.split(' ').filter(Boolean)) {
        const at = pair.indexOf(':');
        keysOf(item).set(pair.slice(0, at), pair.slice(at + 1));
      }
      for (const one of outbox.waiting().filter((response) => response.item === String(item) && response.told !== 'NOTE')) {
        if (one.takenBack) keysOf(item).delete(one.told);
        else keysOf(item).set(one.told, one.formKey);
      }
    },
    has: (item, what) => keysOf(item).has(what),
    // Oldest first.
    of: (item) => [...keysOf(item).keys()],
    put(item, what, more = {}) {
      const before = keysOf(item).get(what);
      const formKey = newKey();
      keysOf(item).set(what, formKey);
      outbox.add({ item: String(item), told: what, ...more, ...(before ? { instead: before } : {}), formKey });
    },
    takeBack(item, what) {
      const before = keysOf(item).get(what);
      if (!before) return;
      keysOf(item).delete(what);
      outbox.add({ item: String(item), told: what, instead: before, takenBack: 'yes', formKey: newKey() });
    },
    // Words of the instructor's: as many as she likes, none takes the place of another.
    write(item, note) {
      outbox.add({ item: String(item), told: 'NOTE', note, formKey: newKey() });
    },
  };
}

const ENGLISH = {
  kept: 'kept',
  waiting: (left) => `${left} not kept yet, trying again`,
  refused: (why) => `Not kept: ${why}`,
};

// Whether this page is on its way out. Asked for a moment only: the instructor may have stayed.
export function leaving() {
  let isLeaving = false;
  window.addEventListener('beforeunload', () => {
    isLeaving = true;
    setTimeout(() => {
      isLeaving = false;
    }, 2000);
  });
  return () => isLeaving;
}

// Sends one after the other, in order, each once; what could not be sent is tried again, also after the page was loaded anew.
// What arrives while the page is left stays: the next page may have been written before it arrived, and sends it once more.
export function outbox({
  name,
  store,
  post,
  say,
  again = (send) => setTimeout(send, 3000),
  words = ENGLISH,
  refuses = (status) => status === 422,
  isLeaving = () => false,
}) {
  const waiting = JSON.parse(store.getItem(name) ?? '[]');
  const keep = () => store.setItem(name, JSON.stringify(waiting));
  let sending = null;

  async function flush() {
    while (waiting.length > 0) {
      try {
        const answer = await post(waiting[0]);
        const isRefused = refuses(answer.status);
        if (!isRefused && (!answer.ok || answer.redirected)) throw new Error(String(answer.status));
        if (isLeaving()) {
          again(send);
          return;
        }
        waiting.shift();
        keep();
        say(isRefused ? words.refused(await answer.text()) : words.kept);
      } catch {
        say(words.waiting(waiting.length));
        again(send);
        return;
      }
    }
  }

  function send() {
    sending ??= flush().finally(() => {
      sending = null;
    });
    return sending;
  }

  return {
    isEmpty: () => waiting.length === 0,
    // What still has to reach the server, oldest first.
    waiting: () => waiting.map((body) => Object.fromEntries(new URLSearchParams(body))),
    add(response) {
      waiting.push(new URLSearchParams(response).toString());
      keep();
      send();
    },
    send,
  };
}
