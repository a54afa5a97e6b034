// Long pages. data-fold="always" or "phone": the heading of a part becomes a button, and what is chosen in it stands beside it.
// "short" is a phone or a low screen. data-more="8", data-more-short="5": a list shows its first lines, on a phone data-more-phone. What has an error in it stays open. Without a script
// everything is shown.
const phone = matchMedia('(max-width: 640px)').matches;
const short = phone || matchMedia('(max-height: 780px)').matches;
const folds = { always: true, phone, short };
const hasProblem = (part) => part.querySelector('.problem:not(:empty)') !== null;

function labelOf(input) {
  const label = input.closest('label') ?? document.querySelector(`label[for="${CSS.escape(input.id)}"]`);
  return label?.textContent.trim().replace(/\s+/g, ' ') ?? '';
}

// What is chosen or typed in a part, in a few words.
function told(part) {
  const words = [];
  part.querySelectorAll('input, select, textarea').forEach((input) => {
    if (['hidden', 'password', 'submit'].includes(input.type) || input.closest('details:not([open])')) return;
    if (['checkbox', 'radio'].includes(input.type)) {
      if (input.checked) words.push(labelOf(input));
    } else if (input instanceof HTMLSelectElement) {
      if (input.value) words.push(input.selectedOptions[0].textContent.trim());
    } else if (input.value) words.push(input.value);
  });
  const shown = words.filter(Boolean).slice(0, 3).map((word) => (word.length > 40 ? `${word.slice(0, 38)}…` : word));
  return shown.join(', ') + (words.length > shown.length ? ` and ${words.length - shown.length} more` : '');
}

document.querySelectorAll('[data-more], [data-more-short], [data-more-phone]').forEach((list) => {
  const most = Number((phone && list.dataset.morePhone) || (short && list.dataset.moreShort) || list.dataset.more || 0);
  const later = [...list.children].slice(most);
  if (!most || later.length < 2 || later.some(hasProblem)) return;
  const button = document.createElement('button');
  button.type = 'button';
  button.className = 'btn btn-link more-button';
  button.textContent = `${later.length} more`;
  later.forEach((line) => { line.hidden = true; });
  button.addEventListener('click', () => {
    later.forEach((line) => { line.hidden = false; });
    button.remove();
    later[0].querySelector('a, button, input')?.focus();
  });
  (list.closest('table') ?? list).after(button);
});

// A check sheet on a phone: its first question is open.
document.querySelectorAll('#fields > fieldset').forEach((part, at) => { if (at > 0) part.dataset.fold ??= 'phone'; });

document.querySelectorAll('[data-fold]').forEach((part) => {
  const heading = part.querySelector(':scope > h2, :scope > legend, :scope > .title-line > h2');
  if (!heading || !folds[part.dataset.fold]) return;
  const rest = [...part.children].filter((child) => child !== heading && !child.contains(heading) && child.type !== 'hidden');
  const button = document.createElement('button');
  const chosen = document.createElement('span');
  button.type = 'button';
  button.className = 'fold-button';
  chosen.className = 'fold-told quiet';
  button.append(...heading.childNodes);
  button.append(chosen);
  heading.append(button);
  const show = (open) => {
    button.setAttribute('aria-expanded', String(open));
    rest.forEach((child) => { child.hidden = !open; });
    part.classList.toggle('is-folded', !open);
    chosen.textContent = open || !part.matches('form, fieldset') ? '' : told(part);
  };
  button.addEventListener('click', () => show(button.getAttribute('aria-expanded') !== 'true'));
  part.addEventListener('bloom:open', () => show(true));
  show(hasProblem(part) || (part.hasAttribute('data-open') && !phone));
});
