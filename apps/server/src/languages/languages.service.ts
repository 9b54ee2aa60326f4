import type { LanguageList } from '@dotting/contract';
import { shippedLanguages } from '@dotting/core';
import { Injectable } from '@nestjs/common';
import { DataSource } from 'typeorm';
import { Child } from '../nursery/child.entity.js';
import type { AtDevice, AtWork } from '../common/present.js';
import { clash, notFound } from '../http/refusals.js';
import { isHere, Sight } from '../sight/sight.service.js';
import { Language } from '../nursery/language.entity.js';
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
    const rows = await this.dataSource.manager.find(Language, { where: { siteId }, order: { name: 'ASC' } });
    return rows.map(({ tag, name, rightToLeft, words }) => ({ tag, name, rightToLeft, words }));
  }

  async put({ siteId }: AtWork, tag: string, list: LanguageList): Promise<void> {
    if (list.tag !== tag) throw clash(spoken().refusals.otherTag({ tag, other: list.tag }), 'tag');
    if (shippedLanguages.some((one) => one.tag === tag))
      throw clash(spoken().refusals.shippedTag({ tag }), 'tag');
    await this.dataSource.manager.save(Language, { siteId, ...list });
  }

  /** Takes a list away, unless a child counts in it. */
  async remove(at: AtWork, tag: string): Promise<void> {
    const { manager } = this.dataSource;
    const { siteId } = at;
    const counting = (await manager.findBy(Child, { siteId })).filter((child) =>
      child.languages.includes(tag),
    );
    if (counting.length > 0) throw clash(await this.whoCounts(at, counting));
    const { affected } = await manager.delete(Language, { siteId, tag });
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
