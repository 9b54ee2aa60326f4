import { HttpStatus, Injectable, type ArgumentMetadata, type PipeTransform } from '@nestjs/common';
import { RefusedException } from './refusals.js';
import { spoken } from '../wording/spoken.js';

/** Nothing that is sent here has lists in lists in lists. */
const deepest = 10;

/**
 * Signs that cannot be shown: halves of letters, controls but for tabs and line ends, and those that turn
 * the order of letters.
 */
const unshown = /\p{Surrogate}|(?![\t\n\r])\p{Cc}|[\u202A-\u202E\u2066-\u2069]/u;

const uuid = /^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/i;

/**
 * Refuses what no shape is asked about before the shapes are: what is nested without end, letters that are
 * none, nothing where a list has to have something. Ids are taken in small letters, as they are stored.
 */
@Injectable()
export class PlainBody implements PipeTransform {
  transform(value: unknown, { type }: ArgumentMetadata): unknown {
    return type === 'body' ? plain(value, '', 0) : value;
  }
}

function plain(value: unknown, path: string, depth: number): unknown {
  if (depth > deepest) throw refused(path, spoken().refusals.tooDeep());
  if (typeof value === 'string') return plainText(value, path);
  if (Array.isArray(value)) {
    return value.map((one: unknown, i) => {
      if (one === null) throw refused(`${path}.${i}`, spoken().refusals.isEmpty());
      return plain(one, `${path}.${i}`, depth + 1);
    });
  }
  if (typeof value !== 'object' || value === null) return value;
  return Object.fromEntries(
    Object.entries(value).map(([key, one]) => [key, plain(one, path ? `${path}.${key}` : key, depth + 1)]),
  );
}

function plainText(text: string, path: string): string {
  if (unshown.test(text)) throw refused(path, spoken().refusals.badSign());
  return uuid.test(text) ? text.toLowerCase() : text;
}

function refused(path: string, words: string): RefusedException {
  const field = path.replace(/^\./, '');
  const message = `${field || spoken().refusals.theRequest()} ${words}.`;
  return new RefusedException(HttpStatus.BAD_REQUEST, message, [{ field, message }]);
}
