// Keys and small behaviours that every page shares. Without this file everything still works by hand.
const typing = (element) => element instanceof Element && element.closest('input:not([type=radio]):not([type=checkbox]), textarea, select, [contenteditable]');
const keysOff = document.querySelector('meta[name=bloom-keys]') !== null;
const places = { t: '/', p: '/people', m: '/moves', r: '/reasons', s: '/studio' };
let going = false;

document.addEventListener('keydown', (event) => {
  if (event.defaultPrevented || event.ctrlKey || event.metaKey || event.altKey || keysOff || typing(event.target) || document.getElementById('runner')) return;
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
  } else if (event.key === '.') {
    document.getElementById('next-step')?.click();
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

// "None of these" and a tick exclude each other.
document.addEventListener('change', (event) => {
  const box = event.target;
  if (!(box instanceof HTMLInputElement) || box.type !== 'checkbox' || !box.checked) return;
  const group = box.closest('fieldset');
  const none = group?.querySelector('.tick-none input');
  if (!none) return;
  if (box === none) group.querySelectorAll('.ticks input:checked').forEach((other) => { other.checked = false; });
  else none.checked = false;
});

// A refused form shows its first error: the field gets the focus, the error is in view.
const fieldOf = (problem) => {
  const name = CSS.escape(problem.id.replace(/^problem-/, ''));
  const named = document.getElementById(problem.id.replace(/^problem-/, '')) ?? document.querySelector(`main [name="${name}"]`);
  return named?.matches('[type=hidden]') ? null : named;
};
const refused = document.getElementById('refused');
if (refused) {
  const first = [...document.querySelectorAll('main [id^="problem-"]')][0];
  const field = first && fieldOf(first);
  (field ?? refused).focus();
  (first ?? refused).scrollIntoView({ block: 'center' });
  refused.addEventListener('click', (event) => {
    const link = event.target instanceof Element && event.target.closest('a');
    const problem = link && document.getElementById(decodeURIComponent(link.hash.slice(1)));
    const wanted = problem && fieldOf(problem);
    if (wanted) { event.preventDefault(); wanted.focus(); problem.scrollIntoView({ block: 'center' }); }
  });
}

// A link to a line that is folded away opens what it lies in.
function unfold() {
  const target = location.hash.length > 1 && document.getElementById(decodeURIComponent(location.hash.slice(1)));
  for (let fold = target && target.closest('details'); fold; fold = fold.parentElement.closest('details')) fold.open = true;
  if (target) target.scrollIntoView();
}
addEventListener('hashchange', unfold);
addEventListener('DOMContentLoaded', unfold);
