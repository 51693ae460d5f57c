// Gives what of the controls on screen is narrower than its text.
const pen = document.createElement('canvas').getContext('2d');
const wide = (element, text) => {
  const style = getComputedStyle(element);
  pen.font = style.font;
  pen.letterSpacing = style.letterSpacing;
  return pen.measureText(text).width;
};
const room = (element) => {
  const style = getComputedStyle(element);
  return element.clientWidth - parseFloat(style.paddingLeft) - parseFloat(style.paddingRight);
};
const arrow = 16;
const cut = [];
for (const element of document.querySelectorAll('select, input, button')) {
  if (!element.checkVisibility() || element.getBoundingClientRect().width < 3) continue;
  if (element.tagName === 'SELECT') {
    const text = element.selectedOptions[0]?.text ?? '';
    if (wide(element, text) > room(element) - arrow) cut.push('select: ' + text);
  } else if (element.tagName === 'INPUT') {
    if (!element.value && element.placeholder && wide(element, element.placeholder) > room(element) + 1) cut.push('placeholder: ' + element.placeholder);
  } else if (element.scrollWidth > element.clientWidth + 1) cut.push('button: ' + element.innerText);
}
return cut.join('\n');
