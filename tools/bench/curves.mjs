const width = 260;
const height = 190;
const left = 40;
const top = 34;
const mostTries = 16;

/** Error by tries, a panel for each skill: the chosen questions as a line, going practice as two marks. */
export function drawCurves(results) {
  const panels = results.map((result, i) => panel(result, left + i * (width + 60)));
  const whole = left + results.length * (width + 60);
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${whole} ${height + 90}" font-family="sans-serif" font-size="12" fill="#18302c">
<rect width="100%" height="100%" fill="#fffefb"/>
${panels.join('\n')}
<text x="${left}" y="${height + 80}">Line: chosen questions, asked on past their stop. Ring: going practice, last passed. Dot: the same, estimated.</text>
</svg>
`;
}

function panel({ skill, curve, upwardAsRead, upwardEstimated }, x) {
  const most = Math.ceil(
    Math.max(...curve.map((point) => point.error), upwardAsRead.error, upwardEstimated.error),
  );
  const at = (tries, error) => [x + (tries / mostTries) * width, top + height - (error / most) * height];
  const points = curve.map(({ tries, error }) =>
    at(tries, error)
      .map((value) => value.toFixed(1))
      .join(','),
  );
  const [ringX, ringY] = at(upwardAsRead.tries.mean, upwardAsRead.error);
  const [dotX, dotY] = at(upwardEstimated.tries.mean, upwardEstimated.error);
  const ticks = [0, 4, 8, 12, 16].map((tries) => {
    const [tickX, tickY] = at(tries, 0);
    return `<text x="${tickX}" y="${tickY + 16}" text-anchor="middle">${tries}</text>`;
  });
  const levels = Array.from({ length: most + 1 }, (_, error) => {
    const [, levelY] = at(0, error);
    return `<path d="M${x} ${levelY}h${width}" stroke="#ded6c4"/><text x="${x - 8}" y="${levelY + 4}" text-anchor="end">${error}</text>`;
  });
  return `<g><text x="${x}" y="${top - 14}" font-weight="bold">${skill}: mean error, by tries</text>
${levels.join('')}${ticks.join('')}
<polyline points="${points.join(' ')}" fill="none" stroke="#18302c" stroke-width="2"/>
<circle cx="${ringX.toFixed(1)}" cy="${ringY.toFixed(1)}" r="5" fill="none" stroke="#a8472b" stroke-width="2"/>
<circle cx="${dotX.toFixed(1)}" cy="${dotY.toFixed(1)}" r="5" fill="#a8472b"/></g>`;
}
