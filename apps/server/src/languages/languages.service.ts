import { isDeepStrictEqual } from 'node:util';
import type { LanguageChange, LanguageList, PutLanguage } from '@dotting/contract';
import { shippedLanguages } from '@dotting/core';
import { Injectable } from '@nestjs/common';
import { DataSource, In, IsNull, Not } from 'typeorm';
import { Child } from '../nursery/child.entity.js';
import type { AtDevice, AtWork } from '../common/present.js';
import { clash, impossible, notFound } from '../http/refusals.js';
import { isHere, Sight } from '../sight/sight.service.js';
import { Language } from '../nursery/language.entity.js';
import { Staff } from '../nursery/staff.entity.js';
import { listOf } from '@dotting/words';
import { spoken } from '../wording/spoken.js';

/** Number words that a site adds beside those that are shipped. */
@Injectable()
export class LanguagesService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly sight: Sight,
  ) {}

  async of({ siteId }: Pick<AtDevice, 'siteId'>): Promise<LanguageList[]> {
    const rows = await this.dataSource.manager.find(Language, {
      where: { siteId, isRemoved: false },
      order: { name: 'ASC' },
    });
    return rows.map(({ tag, name, rightToLeft, words }) => ({ tag, name, rightToLeft, words }));
  }

  /** What can be put back: languages taken away, and those whose words were changed. */
  async changes({ siteId }: AtWork): Promise<LanguageChange[]> {
    const { manager } = this.dataSource;
    const rows = await manager.find(Language, {
      where: [
        { siteId, isRemoved: true },
        { siteId, before: Not(IsNull()) },
      ],
      order: { name: 'ASC' },
    });
    const staff = await manager.findBy(Staff, { id: In(rows.flatMap(({ changedBy }) => changedBy ?? [])) });
    return rows.map(({ tag, name, isRemoved, changedBy, changedAt, reason }) => ({
      tag,
      name,
      isRemoved,
      by: staff.find(({ id }) => id === changedBy)?.firstName ?? '',
      at: changedAt ?? '',
      reason,
    }));
  }

  /** Puts a language back as it was before it was taken away, or its words were changed. */
  async putBack(at: AtWork, tag: string): Promise<void> {
    const { manager } = this.dataSource;
    const kept = await manager.findOneBy(Language, { siteId: at.siteId, tag });
    if (!kept || (!kept.isRemoved && !kept.before)) throw notFound('language');
    const { before, words } = kept;
    const back = kept.isRemoved ? {} : { words: before!, before: words };
    await manager.save(Language, { ...kept, ...back, isRemoved: false, ...by(at, '') });
  }

  async put(at: AtWork, tag: string, { reason, ...list }: PutLanguage): Promise<void> {
    if (list.tag !== tag) throw clash(spoken().refusals.otherTag({ tag, other: list.tag }), 'tag');
    if (shippedLanguages.some((one) => one.tag === tag))
      throw clash(spoken().refusals.shippedTag({ tag }), 'tag');
    const { manager } = this.dataSource;
    const { siteId } = at;
    const kept = await manager.findOneBy(Language, { siteId, tag });
    const isChanged = kept !== null && !isDeepStrictEqual(kept.words, list.words);
    if (isChanged && reason === undefined)
      throw impossible('reason', spoken().refusals.changedWords({ name: kept.name }));
    const before = isChanged ? kept.words : (kept?.before ?? null);
    await manager.save(Language, { siteId, ...list, before, isRemoved: false, ...by(at, reason ?? '') });
  }

  /** Takes a list away, unless a child counts in it. It can be put back. */
  async remove(at: AtWork, tag: string, reason: string): Promise<void> {
    const { manager } = this.dataSource;
    const { siteId } = at;
    const counting = (await manager.findBy(Child, { siteId })).filter((child) =>
      child.languages.includes(tag),
    );
    if (counting.length > 0) throw clash(await this.whoCounts(at, counting));
    const gone = { isRemoved: true, ...by(at, reason) };
    const { affected } = await manager.update(Language, { siteId, tag, isRemoved: false }, gone);
    if (affected === 0) throw notFound('language');
  }

  /** Names only children whom the adult sees; of the others that there are some. */
  private async whoCounts(at: AtWork, children: readonly Child[]): Promise<string> {
    const seen = await Promise.all(
      children.map(async (child) => isHere(child) && (await this.sight.sees(at.adult, child))),
    );
    const names = children.filter((_, i) => seen[i]).map((child) => child.firstName);
    const others = children.length - names.length;
    const { refusals } = spoken();
    const unnamed =
      names.length > 0 ? refusals.moreChildren({ n: others }) : refusals.otherChildren({ n: others });
    const who = listOf(spoken(), [...names, ...(others > 0 ? [unnamed] : [])]);
    return refusals.countIn({ n: children.length, who });
  }
}

const by = ({ adult }: AtWork, reason: string) => ({
  changedBy: adult.id,
  changedAt: new Date().toISOString(),
  reason,
});
