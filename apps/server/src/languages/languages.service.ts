import type { LanguageList } from '@dotting/contract';
import { shippedLanguages } from '@dotting/core';
import { Injectable } from '@nestjs/common';
import { DataSource } from 'typeorm';
import { Child } from '../children/child.entity.js';
import type { AtDevice, AtWork } from '../devices/present.js';
import { clash, notFound } from '../http/refusals.js';
import { Language } from './language.entity.js';

/** Number words that a site adds beside those that are shipped. */
@Injectable()
export class LanguagesService {
  constructor(private readonly dataSource: DataSource) {}

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
  async remove({ siteId }: AtWork, tag: string): Promise<void> {
    const { manager } = this.dataSource;
    const children = await manager.findBy(Child, { siteId });
    const counting = children
      .filter((child) => child.languages.includes(tag))
      .map((child) => child.firstName);
    if (counting.length > 0)
      throw clash(`${counting.join(', ')} counts in it. Choose another language there first.`);
    const { affected } = await manager.delete(Language, { siteId, tag });
    if (affected === 0) throw notFound('language');
  }
}
