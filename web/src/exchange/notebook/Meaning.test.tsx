import { screen } from '@testing-library/react';
import { expect, it } from 'vitest';
import { show } from '../../testing';
import { Meaning } from './Meaning';

it('is no mistake as long as nobody was asked, and one where it was to be read so and could not', () => {
  const asked = { label: 'species', options: ['White ash'], unsaid: 'What does it mean?', onChange: () => undefined };
  const invalid = () => screen.getByLabelText('species').getAttribute('aria-invalid');
  const first = show(<Meaning {...asked} value="" failed={false} />);
  expect(invalid()).toBe('false');
  expect(screen.getByText('What does it mean?')).toBeDefined();
  first.unmount();
  const second = show(<Meaning {...asked} value="" failed />);
  expect(invalid()).toBe('true');
  second.unmount();
  show(<Meaning {...asked} value="White ash" failed />);
  expect(invalid()).toBe('false');
});
