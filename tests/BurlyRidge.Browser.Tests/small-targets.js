// Gives what is pressed and is lower than a finger wants, 44 px; links in a sentence are as high as their line.
return [...document.querySelectorAll('button, select, summary, input:not([type=checkbox]):not([type=radio]):not([type=file])')]
  .filter((element) => element.checkVisibility() && !element.closest('svg'))
  .map((element) => ({ element, box: element.getBoundingClientRect() }))
  .filter(({ box }) => box.width > 2 && box.height < 43.5)
  .map(({ element, box }) => `${element.getAttribute('aria-label') ?? element.innerText}: ${box.height} px`)
  .join('\n');
