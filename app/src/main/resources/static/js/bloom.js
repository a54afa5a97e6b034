// Keys and small behaviours that every page shares. Without this file everything still works by hand.
const typing = (element) => element instanceof Element && element.closest('input:not([type=radio]):not([type=checkbox]), textarea, select, [contenteditable]');
const places = { t: '/', p: '/people', m: '/moves', r: '/reasons', s: '/studio' };
let going = false;

document.addEventListener('keydown', (event) => {
  if (event.defaultPrevented || event.ctrlKey || event.metaKey || event.altKey || typing(event.target) || document.getElementById('runner')) return;
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
