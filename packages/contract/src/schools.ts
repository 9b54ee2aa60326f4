import {
  formsOfDigits,
  schoolChoices,
  schoolNames,
  type DrawnForms,
  type NumeralStyle,
  type OwnSchools,
  type School,
  type Schools,
} from '@dotting/core';
import { Type } from 'class-transformer';
import { IsIn, IsInt, IsString, Max, Min, ValidateNested } from 'class-validator';
import { classOf } from './described.js';
import { IsDay, IsDrawnForms, IsLanguageTag, IsStrokeWords, Maybe } from './validators.js';

/** Names of what a room has chosen: one of the schools, a digit’s form, its language, its number of the week. */
const others = ['language', 'number', 'strokeWords'] as const;

const rulesOf = (name: School | (typeof others)[number]): readonly PropertyDecorator[] => {
  if (name === 'language') return [IsLanguageTag()];
  if (name === 'number') return [IsInt(), Min(1), Max(20)];
  if (name === 'strokeWords') return [IsStrokeWords()];
  return [IsIn(schoolChoices[name])];
};
const names = [...schoolNames, ...others];

const formsBy = (rulesOf: (forms: readonly string[]) => readonly PropertyDecorator[]) =>
  formsOfDigits.map(({ digit, forms }) => [String(digit), rulesOf(forms)] as const);
/** Nought is formed in one way alone. */
const ofNought = ['oval'] as const;

/** How each digit is formed. */
export class FormsView extends classOf<Omit<NumeralStyle, 0 | 'drawn'>>(formsBy((forms) => [IsIn(forms)])) {
  @IsIn(ofNought)
  0: (typeof ofNought)[number];
  @Maybe()
  @IsDrawnForms()
  drawn?: DrawnForms;
}

export class FormsChange extends classOf<Partial<Omit<NumeralStyle, 0 | 'drawn'>>>(
  formsBy((forms) => [Maybe(), IsIn(forms)]),
) {
  @Maybe()
  @IsIn(ofNought)
  0?: (typeof ofNought)[number];
  @Maybe()
  @IsDrawnForms()
  drawn?: DrawnForms;
}

/** What goes in a room, or for a child: every line of it. */
export class SchoolsView extends classOf<Omit<Schools, 'forms'>>(names.map((name) => [name, rulesOf(name)])) {
  @ValidateNested()
  @Type(() => FormsView)
  forms: FormsView;
}

/** What a lead changes; what is absent stays as it is. */
export class PutSchools extends classOf<Omit<OwnSchools, 'forms'>>(
  names.map((name) => [name, [Maybe(), ...rulesOf(name)]]),
) {
  @Maybe()
  @ValidateNested()
  @Type(() => FormsChange)
  forms?: FormsChange;
}

/** A way of the room that was changed of late: told to everyone. */
export class SchoolChangeView {
  @IsString()
  by: string;
  @IsDay()
  day: string;
  /** What was chosen, in words: "Filling a frame: two by two". */
  @IsString()
  what: string;
}
