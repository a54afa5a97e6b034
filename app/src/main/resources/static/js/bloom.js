// Keys and small behaviours that every page shares. Without this file everything still works by hand.
const typing = (element) =>
  element instanceof Element && element.closest('input:not([type=radio]):not([type=checkbox]), textarea, select, [contenteditable]');
const keysOff = document.querySelector('meta[name=bloom-keys]') !== null;
const places = { t: '/', p: '/people', m: '/moves', r: '/reasons', s: '/studio' };
let going = false;

document.addEventListener('keydown', (event) => {
  if (
    event.defaultPrevented ||
    event.ctrlKey ||
    event.metaKey ||
    event.altKey ||
    keysOff ||
    typing(event.target) ||
    document.getElementById('runner')
  )
    return;
  if (going) {
    going = false;
    if (places[event.key]) location.assign(places[event.key]);
    return;
  }
  const woman = document.querySelector('[data-woman]')?.dataset.woman;
  if (event.key === '/') {
    event.preventDefault();
    document.getElementById('find')?.focus();
  } else if (event.key === '?') {
    document.getElementById('keys')?.showModal();
  } else if (event.key === 'n' && woman) {
    location.assign(`/people/${woman}/checks/gap`);
  } else if (event.key === 'e' && woman) {
    location.assign(`/people/${woman}/can`);
  } else if (event.key === '.' || (event.key === 'Enter' && document.activeElement === document.body)) {
    document.getElementById('next-step')?.click();
  } else if (document.querySelector(`[data-press='${CSS.escape(event.key)}']`)) {
    document.querySelector(`[data-press='${CSS.escape(event.key)}']`).click();
  } else if (event.key === 'g') {
    going = true;
  }
});

document.addEventListener('click', (event) => {
  const button = event.target instanceof Element && event.target.closest('[data-shows], [data-print]');
  if (!button) return;
  if (button.dataset.shows) document.getElementById(button.dataset.shows)?.showModal();
  else window.print();
});

// What takes something away from others asks first.
document.addEventListener('submit', (event) => {
  const question = event.submitter?.dataset.asks;
  if (question && !window.confirm(question)) event.preventDefault();
});

// "None of these" and a tick exclude each other.
document.addEventListener('change', (event) => {
  const box = event.target;
  if (!(box instanceof HTMLInputElement) || box.type !== 'checkbox' || !box.checked) return;
  const group = box.closest('fieldset');
  const none = group?.querySelector('.tick-none input');
  if (!none) return;
  if (box === none)
    group.querySelectorAll('.ticks input:checked').forEach((other) => {
      other.checked = false;
    });
  else none.checked = false;
});

// While "none of these" is ticked, Tab goes past the boxes it answers.
function passBy(none) {
  none
    .closest('fieldset')
    .querySelectorAll('.ticks input')
    .forEach((box) => {
      box.tabIndex = none.checked ? -1 : 0;
    });
}
document.querySelectorAll('.tick-none input').forEach((none) => {
  passBy(none);
  none.closest('fieldset').addEventListener('change', () => passBy(none));
});

// A refused form shows its first error: the field gets the focus, the error is in view.
const fieldOf = (problem) => {
  const name = CSS.escape(problem.id.replace(/^problem-/, ''));
  const named = document.getElementById(problem.id.replace(/^problem-/, '')) ?? document.querySelector(`main [name="${name}"]`);
  return named?.matches('[type=hidden]') ? null : named;
};
// What is wrong is tied to its field, for who hears the page.
function tieProblems() {
  document.querySelectorAll('main [id^="problem-"]').forEach((problem) => {
    const field = problem.textContent.trim() && fieldOf(problem);
    if (!field) return;
    field.setAttribute('aria-invalid', 'true');
    const known = (field.getAttribute('aria-describedby') ?? '').split(' ').filter(Boolean);
    field.setAttribute('aria-describedby', [...new Set([...known, problem.id])].join(' '));
  });
}
tieProblems();
document.addEventListener('htmx:afterSettle', tieProblems);
const refused = document.getElementById('refused');

// What was typed in a long form and is not kept yet: leaving the page asks first.
const LONG_FORM = 4;
let unsaved = refused !== null;
document.addEventListener('input', (event) => {
  const form = event.target instanceof Element && event.target.closest('main form[method=post]');
  if (!form || form.matches('.edit-line form, #editor form')) return;
  if (form.querySelectorAll('input:not([type=hidden]), select, textarea').length >= LONG_FORM) unsaved = true;
});
document.addEventListener('submit', () => {
  unsaved = false;
});
window.addEventListener('beforeunload', (event) => {
  if (unsaved) event.preventDefault();
});
if (refused) {
  const first = [...document.querySelectorAll('main [id^="problem-"]')][0];
  const field = first && fieldOf(first);
  (field ?? refused).focus();
  (first ?? refused).scrollIntoView({ block: 'center' });
  refused.addEventListener('click', (event) => {
    const link = event.target instanceof Element && event.target.closest('a');
    const problem = link && document.getElementById(decodeURIComponent(link.hash.slice(1)));
    const wanted = problem && fieldOf(problem);
    if (wanted) {
      event.preventDefault();
      wanted.focus();
      problem.scrollIntoView({ block: 'center' });
    }
  });
}

// The first question of a check, of "Safe today?" and of a new woman has the focus.
if (!refused) {
  const asked = document.querySelector(
    '#fields input:not([type=hidden]), #fields select, form.safe input[name=noSign], form.new-woman #name, details.make-program[open] #aim1, #named',
  );
  const seen =
    asked && (asked.checkVisibility?.() ?? true)
      ? asked
      : [...document.querySelectorAll('form.gap input.width')].find((field) => field.offsetParent !== null);
  seen?.focus({ preventScroll: true });
}

// What was searched for: the first one found has the focus, Enter opens it, arrows go through the list; also from the field.
const foundLinks = () => [...document.querySelectorAll('[data-arrows] a')].filter((link) => link.offsetParent !== null);
const looked = new URLSearchParams(location.search);
if (!refused && (looked.get('q') || looked.get('named'))) foundLinks()[0]?.focus();

document.addEventListener('keydown', (event) => {
  const step = { ArrowDown: 1, ArrowUp: -1 }[event.key];
  const links = step ? foundLinks() : [];
  const at = links.indexOf(document.activeElement);
  const fromField = document.activeElement?.matches?.('input[type=search]') && step === 1;
  if (links.length === 0 || (at < 0 && !fromField)) return;
  event.preventDefault();
  (links[at + step] ?? document.querySelector('main input[type=search]'))?.focus();
});

// A browser shows a date in its own order; beside the field it stands as it is read: 14 Mar 2027.
const months = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'];
document.querySelectorAll('input[type=date]').forEach((field) => {
  const read = document.createElement('output');
  read.className = 'date-read quiet';
  read.htmlFor = field.id;
  const say = () => {
    const [year, month, day] = field.value.split('-').map(Number);
    read.textContent = field.value ? `${day} ${months[month - 1]} ${year}` : '';
  };
  field.after(read);
  field.addEventListener('input', say);
  say();
});

// On a narrow screen the tabs run off to the side: the one she is on comes into view.
document.querySelectorAll('.steps .here, .places .here').forEach((tab) => {
  tab.parentElement.scrollLeft = tab.offsetLeft - 60;
});

// A link to a line that is folded away opens what it lies in.
function unfold() {
  const target = location.hash.length > 1 && document.getElementById(decodeURIComponent(location.hash.slice(1)));
  target && target.closest('[data-fold]')?.dispatchEvent(new Event('bloom:open'));
  for (let fold = target && target.closest('details'); fold; fold = fold.parentElement.closest('details')) fold.open = true;
  if (target) target.scrollIntoView();
}
window.addEventListener('hashchange', unfold);
window.addEventListener('DOMContentLoaded', unfold);
