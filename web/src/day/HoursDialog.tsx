import { Box, Typography } from '@mui/material';
import { useState } from 'react';
import { useDayWrites } from '../api/day';
import type { DayReading, HoursFields } from '../api/schema';
import { Field } from '../app/Field';
import { FormDialog } from '../app/FormDialog';
import { wholeNumber } from '../units/number';

const DAYS = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'];
const TIMES = [
  { key: 'layInMinutes', hand: 'layIn', label: 'Lay in water or heat, min' },
  { key: 'bendMinutes', hand: 'bend', label: 'Bend and clamp, min' },
  { key: 'glueMinutes', hand: 'glue', label: 'Glue and clamp, min' },
  { key: 'takeOffMinutes', hand: 'takeOff', label: 'Take off or out, min' },
  { key: 'warmUpMinutes', hand: 'warmUp', label: 'Until the box is hot, min' },
] as const;

/** When the shop works, with how many hands, and how long they take. */
export function HoursDialog({ day, onLeave }: { day: DayReading; onLeave: () => void }) {
  const { keepHours } = useDayWrites();
  const [hours, setHours] = useState(day.hours);
  const [people, setPeople] = useState(String(day.hours.people));
  const [times, setTimes] = useState<Record<string, string>>(() => Object.fromEntries(TIMES.map(({ key }) => [key, String(day.hours[key] ?? '')])));
  const keep = async () => {
    const kept: HoursFields = { people: wholeNumber(people) ?? 0, days: hours.days, opens: hours.opens, closes: hours.closes };
    for (const { key, label } of TIMES) {
      const typed = times[key]?.trim() ?? '';
      if (typed === '') continue;
      const minutes = wholeNumber(typed);
      if (minutes === undefined) throw new Error(`“${typed}” is no number of minutes (${label}).`);
      kept[key] = minutes;
    }
    await keepHours.mutateAsync({ version: day.hoursVersion, hours: kept });
    onLeave();
  };
  const turn = (number: string) => {
    const days = hours.days.includes(number) ? hours.days.replace(number, '') : [...hours.days, number].sort().join('');
    setHours({ ...hours, days });
  };
  return (
    <FormDialog title="Hours and hands" keep="Save" onKeep={keep} onLeave={onLeave}>
      <Box role="group" aria-label="Days of work" sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 2 }}>
        {DAYS.map((name, at) => (
          <Box component="label" key={name} sx={{ display: 'flex', alignItems: 'center', gap: 0.75, minHeight: 40 }}>
            <input type="checkbox" checked={hours.days.includes(String(at + 1))} onChange={() => { turn(String(at + 1)); }} />
            {name}
          </Box>
        ))}
      </Box>
      <Box sx={{ display: 'grid', gridTemplateColumns: 'repeat(auto-fill, minmax(150px, 1fr))', gap: 2, mt: 1 }}>
        <Field label="Work begins" value={hours.opens.slice(0, 5)} slotProps={{ htmlInput: { type: 'time' } }} onChange={(event) => { setHours({ ...hours, opens: event.target.value }); }} />
        <Field label="Work ends" value={hours.closes.slice(0, 5)} slotProps={{ htmlInput: { type: 'time' } }} onChange={(event) => { setHours({ ...hours, closes: event.target.value }); }} />
        <Field label="Pairs of hands" value={people} slotProps={{ htmlInput: { inputMode: 'numeric' } }} onChange={(event) => { setPeople(event.target.value); }} />
      </Box>
      <Typography variant="h3" sx={{ mt: 2 }}>How long hands take</Typography>
      <Typography variant="body2" color="textSecondary" gutterBottom>Leave empty for what your bench measured, or else what is usual.</Typography>
      <Box sx={{ display: 'grid', gridTemplateColumns: 'repeat(auto-fill, minmax(190px, 1fr))', gap: 2, mt: 1 }}>
        {TIMES.map(({ key, hand, label }) => (
          <Field key={key} label={label} value={times[key] ?? ''} helperText={`${day.hands[hand]} min is reckoned with`} slotProps={{ htmlInput: { inputMode: 'numeric' } }}
            onChange={(event) => { setTimes({ ...times, [key]: event.target.value }); }} />
        ))}
      </Box>
    </FormDialog>
  );
}
