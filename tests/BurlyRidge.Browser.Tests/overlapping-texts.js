// Gives the texts of a drawing that lie on another, stand out of it, or are smaller than they may be. arguments[0]: the least size, px.
const drawing = arguments[1] ?? document.querySelector('svg[viewBox]');
const frame = drawing.getBoundingClientRect();
const texts = [...drawing.querySelectorAll('text')].map((element) => ({
  said: element.textContent,
  box: element.getBoundingClientRect(),
  size: parseFloat(getComputedStyle(element).fontSize) * (element.getScreenCTM()?.a ?? 1),
}));
const found = [];
texts.forEach((one, i) => {
  if (one.box.left < frame.left - 1 || one.box.right > frame.right + 1 || one.box.top < frame.top - 1 || one.box.bottom > frame.bottom + 1) found.push('out of it: ' + one.said);
  if (one.size < arguments[0] - 0.05) found.push(one.size.toFixed(1) + ' px: ' + one.said);
  for (const other of texts.slice(i + 1)) {
    const across = Math.min(one.box.right, other.box.right) - Math.max(one.box.left, other.box.left);
    const down = Math.min(one.box.bottom, other.box.bottom) - Math.max(one.box.top, other.box.top);
    // The box of a line is higher than its letters.
    if (across > 0.1 * one.box.height && down > 0.3 * one.box.height) found.push(one.said + ' × ' + other.said);
  }
});
// Of a diagram: a wire that runs through letters.
for (const wire of drawing.querySelectorAll(':is([data-run], [data-lead], [data-touch]) > polyline')) {
  const at = wire.getScreenCTM();
  const corners = [...wire.points].map((point) => point.matrixTransform(at));
  for (let i = 1; i < corners.length; i++) {
    const [left, right] = [corners[i - 1].x, corners[i].x].sort((one, other) => one - other);
    const [top, bottom] = [corners[i - 1].y, corners[i].y].sort((one, other) => one - other);
    for (const { said, box } of texts) {
      // The box of a line is higher than its letters.
      const edge = 0.25 * box.height;
      if (right > box.left + 1 && left < box.right - 1 && bottom > box.top + edge && top < box.bottom - edge) found.push('wire through: ' + said);
    }
  }
}
return found.join('\n');
