import { boxOf, pointsOfTrace, usualPause, type InkDocument, type InkStroke } from '@dotting/core';
import { strFromU8, unzipSync } from 'fflate';
import { words } from '../wording/all.js';

/** A larger file, or so many files, are no numerals of a child. */
const largest = 20_000_000;
const mostFiles = 2_000;

/** The numerals of a file, or what keeps it from being read, and where. */
export type ReadInk = { readonly numerals: readonly InkDocument[] } | { readonly wrong: string };

/** Reads one InkML file, or a zip of them: all of it, or nothing. */
export async function readInkFile(file: File): Promise<ReadInk> {
  if (file.size > largest) return { wrong: words.writing.file.tooLarge() };
  const bytes = new Uint8Array(await file.arrayBuffer());
  const isZip = bytes[0] === 0x50 && bytes[1] === 0x4b;
  const files = isZip ? unzipped(bytes) : { [file.name]: bytes };
  if (files === null) return { wrong: words.writing.file.badZip({ file: file.name }) };
  const all = Object.entries(files).filter(([name]) => !isZip || name.endsWith('.inkml'));
  if (all.length === 0 || all.length > mostFiles)
    return { wrong: words.writing.file.none({ file: file.name }) };
  const numerals: InkDocument[] = [];
  for (const [name, content] of all) {
    const read = readInkMl(strFromU8(content));
    if ('wrong' in read) return { wrong: words.writing.file.wrong({ file: name, what: read.wrong }) };
    numerals.push(read);
  }
  return { numerals };
}

function unzipped(bytes: Uint8Array): Record<string, Uint8Array> | null {
  try {
    return unzipSync(bytes);
  } catch {
    return null;
  }
}

/** One numeral from W3C InkML, or what is wrong with it. */
export function readInkMl(text: string): InkDocument | { readonly wrong: string } {
  const { file } = words.writing;
  const document = new DOMParser().parseFromString(text, 'application/xml');
  const broken = document.querySelector('parsererror');
  if (broken) return { wrong: file.notXml({ what: firstLine(broken.textContent ?? '') }) };
  const ink = document.documentElement;
  if (ink.localName !== 'ink') return { wrong: file.notInk({ root: ink.localName }) };
  const annotated = (type: string): string | null =>
    [...ink.children]
      .find((one) => one.localName === 'annotation' && one.getAttribute('type') === type)
      ?.textContent?.trim() ?? null;
  const numeral = annotated('numeral');
  if (numeral === null || !/^\d{1,2}$/.test(numeral)) return { wrong: file.noNumeral() };
  const channels = [...ink.getElementsByTagNameNS('*', 'channel')].map(
    (one) => one.getAttribute('name') ?? '',
  );
  const strokes: InkStroke[] = [];
  for (const [i, trace] of [...ink.getElementsByTagNameNS('*', 'trace')].entries()) {
    const from = i === 0 ? 0 : strokes.at(-1)!.at(-1)!.t + usualPause;
    const read = pointsOfTrace(trace.textContent ?? '', channels.length > 0 ? channels : ['X', 'Y'], from);
    if ('flaw' in read)
      return {
        wrong: file.inStroke({ stroke: i + 1, point: read.flaw.point, what: file.flaws[read.flaw.kind]() }),
      };
    if (read.points[0]!.t < (strokes.at(-1)?.at(-1)?.t ?? 0))
      return { wrong: file.inStroke({ stroke: i + 1, point: 1, what: file.flaws.time() }) };
    strokes.push(read.points);
  }
  if (strokes.length === 0) return { wrong: file.noStrokes() };
  const isOurs = annotated('try') !== null;
  const writtenAt = annotated('writtenAt');
  if (writtenAt !== null && Number.isNaN(Date.parse(writtenAt))) return { wrong: file.badMoment() };
  return { numeral, writtenAt, id: annotated('try'), strokes: isOurs ? strokes : betweenLines(strokes) };
}

const firstLine = (text: string): string => text.trim().split('\n').slice(0, 2).join(' ').slice(0, 160);

/** What was written elsewhere is in other units: as high as the space between the lines. */
function betweenLines(strokes: readonly InkStroke[]): readonly InkStroke[] {
  const { left, top, width, height } = boxOf(strokes.flat());
  const scale = 1000 / (Math.max(height, width / 2) || 1);
  return strokes.map((stroke) =>
    stroke.map((point) => ({
      ...point,
      x: Math.round((point.x - left) * scale),
      y: Math.round((point.y - top) * scale),
    })),
  );
}
