import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { printInches, printMillimetres, printPull, printTemperature } from './printing';

/** The table the core is held to as well, so that both print alike. */
const table = readFileSync('../core/src/test/resources/printed-lengths.csv', 'utf8')
  .split('\n')
  .slice(3)
  .filter((line) => line !== '')
  .map((line) => /^([\d.]+),"([^"]+)""",(?:true|false),(.+)$/.exec(line))
  .map((row) => row?.slice(1) as [string, string, string]);

describe('printing lengths', () => {
  it('reads a table worth testing against', () => {
    expect(table.length).toBeGreaterThan(10);
  });

  it.each(table)('prints %s mm as %s" and %s', (mm, inches, metric) => {
    expect(printInches(Number(mm))).toBe(`${inches}"`);
    expect(printMillimetres(Number(mm))).toBe(metric);
  });

  it('prints a pull as the weight that pulls as hard', () => {
    expect(printPull(9.80665, 'metric')).toBe('1.0 kg');
    expect(printPull(132, 'inch')).toBe('30 lb');
    expect(printPull(132, 'metric')).toBe('13 kg');
  });

  it('prints boiling water in both scales', () => {
    expect(printTemperature(100, 'inch')).toBe('212 °F');
    expect(printTemperature(100, 'metric')).toBe('100 °C');
  });
});
