import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { parse, TYPE, type MessageFormatElement } from '@formatjs/icu-messageformat-parser';
import { expect, it } from 'vitest';
import { CHOICES } from '../recipe/choices';
import { FIRST_RECIPE } from '../recipe/form';
import { KINDS } from '../methods/forms';
import recipe from './en/recipe.json';

const SRC = join(import.meta.dirname, '..');

const code = readdirSync(SRC, { recursive: true, encoding: 'utf8' }).filter((name) => /\.tsx?$/.test(name) && !name.includes('.test.'))
  .map((name) => ({ name, text: readFileSync(join(SRC, name), 'utf8') }));

function argumentsOf(elements: MessageFormatElement[]): string[] {
  return elements.flatMap((element) => {
    if (element.type === TYPE.literal || element.type === TYPE.pound) return [];
    if (element.type === TYPE.select || element.type === TYPE.plural) {
      return [element.value, ...Object.values(element.options).flatMap(({ value }) => argumentsOf(value))];
    }
    return 'value' in element && typeof element.value === 'string' ? [element.value] : [];
  });
}

const PLACES = readdirSync(join(import.meta.dirname, 'en')).filter((name) => name !== 'recipe.json');

it('of each place can all be read, and are used', () => {
  expect(PLACES.length).toBeGreaterThan(0);
  for (const place of PLACES) {
    const messages = JSON.parse(readFileSync(join(import.meta.dirname, 'en', place), 'utf8')) as Record<string, string>;
    const asking = code.filter(({ text }) => text.includes(`messages/${place.replace('.json', '')}'`)).map(({ text }) => text).join('\n');
    for (const [id, message] of Object.entries(messages)) {
      expect(() => parse(message), `${place} ${id}`).not.toThrow();
      const kind = id.slice(0, id.lastIndexOf('.'));
      expect(asking.includes(`'${id}'`) || asking.includes(`\`${kind}.\${`), `${place} ${id} is used`).toBe(true);
    }
  }
});

it('of a recipe can all be read, and ask for what a recipe has', () => {
  const known = new Set([...Object.keys(FIRST_RECIPE), 'form', 'strap', 'soak', 'way', 'soaked', 'strapped', 'shaved', 'carried', 'plywood', 'n', 'label']);
  for (const [id, message] of Object.entries(recipe)) {
    expect(argumentsOf(parse(message)).filter((each) => !known.has(each)), id).toEqual([]);
  }
});

it('of a recipe are all used', () => {
  const all = code.map(({ text }) => text).join('\n');
  const fields = new Set([...Object.keys(FIRST_RECIPE), 'form', 'strap']);
  const unused = Object.keys(recipe).filter((id) => {
    const [kind = '', name = '', option = ''] = id.split('.');
    if (kind === 'field') return !fields.has(name);
    if (kind === 'way') return !(KINDS as string[]).includes(name);
    if (kind === 'said') return name === 'method' ? !(KINDS as string[]).includes(option) : !(name in CHOICES) || !(option in CHOICES[name as keyof typeof CHOICES]);
    if (kind === 'sentence' || kind === 'aside') return !all.includes(`'${name}'`);
    return !all.includes(`'${id}'`);
  });
  expect(unused).toEqual([]);
});
