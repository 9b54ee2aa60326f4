import type { LanguageList } from '@dotting/contract';
import { shippedLanguages } from '@dotting/core';
import { Injectable } from '@nestjs/common';
import { DataSource } from 'typeorm';
import { Child } from '../children/child.entity.js';
import type { AtDevice, AtWork } from '../devices/present.js';
import { clash, notFound } from '../http/refusals.js';
import { isHere, Sight } from '../site/sight.service.js';
import { Language } from './language.entity.js';

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
    if (list.tag !== tag) throw clash(`The address says “${tag}”, the list “${list.tag}”.`, 'tag');
    if (shippedLanguages.some((one) => one.tag === tag))
      throw clash(`“${tag}” is shipped with its number words already. Take another tag.`, 'tag');
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
    const unnamed = names.length > 0 ? `${others} more` : others === 1 ? 'One child' : `${others} children`;
    const who = [...names, ...(others > 0 ? [unnamed] : [])].join(' and ');
    return `${who} ${children.length === 1 ? 'counts' : 'count'} in it. Choose another language there first.`;
  }
}
