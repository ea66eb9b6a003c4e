import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { parse, TYPE, type MessageFormatElement } from '@formatjs/icu-messageformat-parser';
import { expect, it } from 'vitest';
import { CHOICES } from '../recipe/choices';
import { FIRST_RECIPE } from '../recipe/form';
import { KINDS } from '../methods/forms';
import recipe from './en/recipe.json';

const SRC = join(import.meta.dirname, '..');

function argumentsOf(elements: MessageFormatElement[]): string[] {
  return elements.flatMap((element) => {
    if (element.type === TYPE.literal || element.type === TYPE.pound) return [];
    if (element.type === TYPE.select || element.type === TYPE.plural) {
      return [element.value, ...Object.values(element.options).flatMap(({ value }) => argumentsOf(value))];
    }
    return 'value' in element && typeof element.value === 'string' ? [element.value] : [];
  });
}

it('can all be read, and ask for what a recipe has', () => {
  const known = new Set([...Object.keys(FIRST_RECIPE), 'form', 'strap', 'soak', 'way', 'soaked', 'strapped', 'shaved', 'carried', 'plywood', 'n', 'label']);
  for (const [id, message] of Object.entries(recipe)) {
    expect(argumentsOf(parse(message)).filter((each) => !known.has(each)), id).toEqual([]);
  }
});

it('are all used', () => {
  const code = readdirSync(SRC, { recursive: true, encoding: 'utf8' }).filter((name) => /\.tsx?$/.test(name) && !name.includes('.test.'))
    .map((name) => readFileSync(join(SRC, name), 'utf8')).join('\n');
  const fields = new Set([...Object.keys(FIRST_RECIPE), 'form', 'strap']);
  const unused = Object.keys(recipe).filter((id) => {
    const [kind = '', name = '', option = ''] = id.split('.');
    if (kind === 'field') return !fields.has(name);
    if (kind === 'way') return !(KINDS as string[]).includes(name);
    if (kind === 'said') return name === 'method' ? !(KINDS as string[]).includes(option) : !(name in CHOICES) || !(option in CHOICES[name as keyof typeof CHOICES]);
    if (kind === 'sentence' || kind === 'aside') return !code.includes(`'${name}'`);
    return !code.includes(`'${id}'`);
  });
  expect(unused).toEqual([]);
});
