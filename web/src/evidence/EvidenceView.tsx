import { Alert, Box, Button, Typography } from '@mui/material';
import { useState } from 'react';
import { useEvidence } from '../api/advice';
import { useUnits } from '../app/units';
import { HowComputed } from '../help/HowComputed';
import { say } from '../messages/evidence';
import type { Belief, EvidenceAnswer, FamilyEvidence } from '../api/schema';
import { Choice } from '../recipe/Choice';
import { useWoodName } from '../recipe/woodNames';
import { many } from '../units/number';
import { Balance } from './Balance';
import { CalibrationPicture, SurpriseLines } from './CalibrationPicture';
import { SetAsideList } from './SetAsideList';
import { constantInWords, effectInWords, FAMILY, firmestFirst, hiddenShareInWords, isSaid, openInWords, PLACE, proneInWords, questionInWords } from './words';

/** What the shop's own records say. */
export function EvidenceView() {
  const { data, error } = useEvidence();
  if (error) return <Alert severity="error">{error.message}</Alert>;
  if (!data) return null;
  return (
    <>
      <Typography variant="h1">{say('title')}</Typography>
      <Typography>{say('lead', { trials: data.trials })} <HowComputed part="the-odds" /></Typography>
      <Typography variant="body2" color="textSecondary" sx={{ mb: 2 }}>
        {say('springback', { measured: data.measured, hours: Math.round(data.relaxationH) })}
      </Typography>
      <SetAsideList setAside={data.setAside} />
      <Rules rules={data.rules} byLuck={data.byLuck} />
      <HowComputed part="the-advice" />
      <ByFamily data={data} />
    </>
  );
}

/** The questions: what is decided or leans, each with its balance; then, quietly, what is open and what would close it. */
function Rules({ rules, byLuck }: Pick<EvidenceAnswer, 'rules' | 'byLuck'>) {
  const said = firmestFirst(rules);
  const open = rules.filter((each) => !isSaid(each));
  return (
    <>
      <Typography variant="h2">{say('leaning')}</Typography>
      <Typography variant="body2" color="textSecondary" sx={{ mb: 1 }}>
        {said.length === 0 ? say('leaning.none') : `${say('means')} ${say('byLuck', { asked: byLuck.asked, tipped: byLuck.tipped })}`}
      </Typography>
      <Box component="ul" aria-label={say('leaning')} sx={BALANCES}>
        {said.map((rule) => <Balance key={rule.rule} evidence={rule} />)}
      </Box>
      {open.length > 0 && <Typography variant="h2" sx={{ mt: 3, mb: 0.5 }}>{say('open')}</Typography>}
      <Box component="dl" sx={OPEN}>
        {open.map((rule) => (
          <div key={rule.rule}>
            <dt>{questionInWords(rule.rule).asks}</dt>
            <Box component="dd" sx={{ m: 0, color: 'text.secondary' }}>{openInWords(rule)}</Box>
          </div>
        ))}
      </Box>
    </>
  );
}

const BALANCES = { listStyle: 'none', p: 0, m: 0, display: 'grid', gap: 1.5, gridTemplateColumns: 'repeat(auto-fill, minmax(270px, 1fr))' } as const;
const OPEN = { m: 0, mb: 1, display: 'grid', columnGap: 4, rowGap: 0.75, gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: 'repeat(2, minmax(0, 1fr))' }, fontSize: '0.9375rem' } as const;

function ByFamily({ data }: { data: EvidenceAnswer }) {
  const [family, setFamily] = useState<FamilyEvidence['family']>('HOT_WOOD');
  const chosen = data.families.find((each) => each.family === family);
  if (!chosen) return null;
  return (
    <Box component="section" aria-label="By family" sx={{ mt: 4 }}>
      <Choice label="Kind of bending" options={FAMILY} value={family} onChange={setFamily} />
      {chosen.calibration.trials === 0 ? (
        <Typography sx={{ mt: 2 }}>No bend of this kind is logged yet.</Typography>
      ) : (
        <Box sx={{ display: 'grid', gap: 3, mt: 2, gridTemplateColumns: { xs: '1fr', md: '380px 1fr' }, alignItems: 'start' }}>
          <Box>
            <Typography variant="h2" gutterBottom>Do forecasts come true?</Typography>
            <CalibrationPicture calibration={chosen.calibration} />
            <SurpriseLines calibration={chosen.calibration} />
          </Box>
          <Box sx={{ display: 'grid', gap: 3 }}>
            <OfTheShop evidence={chosen} />
            <Beliefs beliefs={chosen.beliefs} />
          </Box>
        </Box>
      )}
    </Box>
  );
}

/** What breaks unforeseen, and what the records have found out about the shop's heat, water and straps. */
function OfTheShop({ evidence }: { evidence: FamilyEvidence }) {
  const [system] = useUnits();
  return (
    <Box component="section" aria-label="Your shop">
      <Typography variant="h2" gutterBottom>What your shop is like</Typography>
      <Typography gutterBottom>{[hiddenShareInWords(evidence.hidden), ...proneInWords(evidence.prone)].join(' ')}</Typography>
      <Box component="dl" sx={{ m: 0, display: 'grid', gap: 1, gridTemplateColumns: 'repeat(auto-fill, minmax(260px, 1fr))' }}>
        {evidence.constants.map((each) => constantInWords(each, system)).map(({ asks, says }) => (
          <Box key={asks}>
            <Typography component="dt" variant="body2" sx={{ fontWeight: 600 }}>{asks}</Typography>
            <Typography component="dd" variant="body2" color="textSecondary" sx={{ m: 0 }}>{says}</Typography>
          </Box>
        ))}
      </Box>
    </Box>
  );
}

const GROUPS: { term: Belief['term']; title: string }[] = [
  { term: 'SPECIES', title: 'Woods, beside their published radii' },
  { term: 'PERSON', title: 'Hands' },
  { term: 'BOARD', title: 'Boards' },
  { term: 'SOURCE', title: 'Where it came from' },
  { term: 'SHOP', title: 'Other shops, beside yours' },
];

const SHOWN = 10;

/** What is believed of each wood, person, board and source, one way to fail at a time. */
function Beliefs({ beliefs }: { beliefs: Belief[] }) {
  const nameOf = useWoodName();
  const modes = [...new Set(beliefs.map((belief) => belief.mode))];
  const [chosen, setMode] = useState<Belief['mode']>('TENSION');
  const mode = modes.includes(chosen) ? chosen : modes[0];
  const name = (belief: Belief) => (belief.term === 'SPECIES' ? nameOf(belief.name) : belief.name);
  return (
    <Box>
      <Typography variant="h2" gutterBottom>How they do, other things equal</Typography>
      {modes.length > 1 && (
        <Choice label="Trouble at the" value={mode} onChange={setMode}
          options={Object.fromEntries(modes.map((each) => [each, PLACE[each]])) as Record<Belief['mode'], string>} />
      )}
      <Box sx={{ display: 'grid', gap: 2, mt: 1, gridTemplateColumns: 'repeat(auto-fill, minmax(260px, 1fr))' }}>
        {GROUPS.map(({ term, title }) => {
          const members = beliefs.filter((belief) => belief.term === term && belief.mode === mode).sort((a, b) => b.mean - a.mean);
          return members.length > 0 && <Members key={term} title={title} members={members} name={name} />;
        })}
      </Box>
    </Box>
  );
}

interface MembersProps {
  title: string;
  /** The worst first. */
  members: Belief[];
  name: (belief: Belief) => string;
}

function Members({ title, members, name }: MembersProps) {
  const [all, setAll] = useState(false);
  const shown = all || members.length <= SHOWN ? members : [...members.slice(0, SHOWN / 2), ...members.slice(-SHOWN / 2)];
  return (
    <Box component="section" aria-label={title}>
      <Typography variant="h3">{title}</Typography>
      {shown.map((belief) => <BeliefRow key={belief.name} name={name(belief)} belief={belief} />)}
      {members.length > shown.length && (
        <Typography variant="body2" color="textSecondary">
          The five worst and the five best of {members.length}.{' '}
          <Button size="small" onClick={() => { setAll(true); }}>Show them all</Button>
        </Typography>
      )}
    </Box>
  );
}

const REACH = 1.6;

function BeliefRow({ name, belief }: { name: string; belief: Belief }) {
  const x = (value: number) => 50 + (Math.max(-REACH, Math.min(REACH, value)) / REACH) * 48;
  return (
    <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 100px', gap: 1, alignItems: 'center', py: 0.25 }}>
      <Box>
        <Typography variant="body2" sx={{ fontWeight: 600 }}>{name}</Typography>
        <Typography variant="body2" color="textSecondary">{effectInWords(belief)}, {many(belief.trials, 'bend', 'bends')}</Typography>
      </Box>
      <Box component="svg" viewBox="0 0 100 22" aria-hidden sx={{ color: 'text.secondary' }}>
        <line x1={50} x2={50} y1={2} y2={20} stroke="currentColor" strokeWidth={1} />
        <line x1={x(belief.mean - 1.28 * belief.sd)} x2={x(belief.mean + 1.28 * belief.sd)} y1={11} y2={11} stroke="currentColor" strokeWidth={2} />
        <circle cx={x(belief.mean)} cy={11} r={4} fill="currentColor" />
      </Box>
    </Box>
  );
}
