import { Alert, Box, Button, Paper, Typography } from '@mui/material';
import { useState, type ReactNode } from 'react';
import { useNavigate, useParams } from 'react-router';
import { Problem } from '../api/client';
import { useReadRecipe, useTrial, useTrialWrites } from '../api/queries';
import type { TrialFields, TrialView } from '../api/schema';
import { Field } from '../app/Field';
import { useNotice } from '../app/notice';
import { useStored } from '../app/storage';
import { useUnits } from '../app/units';
import { Dimmed } from '../app/Dimmed';
import { Fold } from '../app/Fold';
import { useOnPhone } from '../app/phone';
import { BAR_HEIGHT } from '../app/Shell';
import { BendDrawing } from '../bend/BendDrawing';
import { methodOf } from '../methods/forms';
import { Grounds } from '../odds/Grounds';
import { OddsInShort, OddsPanel } from '../odds/OddsPanel';
import { completed, formOf, problemsByField } from '../recipe/form';
import { Recipe, RecipeBar, useEntryMode } from '../recipe/Recipe';
import { useRecipe } from '../recipe/useRecipe';
import { shapeLine } from '../recipe/words';
import { stillSupposed } from '../trials/supposed';
import { SupposedPart } from '../trials/SupposedPart';
import { today } from '../units/days';
import { piecesOf } from '../units/number';
import { readNow, useReadings, type Reading, type Typed } from '../units/reading';
import { doneForm, doneOf, doneTyped, processOf } from './done';
import { DoneInputs } from './DoneInputs';
import { AS_PLANNED, EMPTY_OUTCOME, FIRST_TRIAL, LOG_DRAFT, type TrialForm } from './draft';
import { completedOutcome, missingFromOutcome, outcomeForm, outcomeOf, outcomeTyped, type MeasuredAfter } from './outcome';
import { OutcomeInputs } from './OutcomeInputs';

/** No box gives more at once. */
const MOST_ALIKE = 50;

export function LogView() {
  const [kept, setTrial] = useStored<TrialForm>(LOG_DRAFT, FIRST_TRIAL);
  const trial = { ...kept, recipe: completed(kept.recipe), outcome: completedOutcome(kept.outcome) };
  const [pieces, setPieces] = useState('1');
  const { log, logAlike, takeBack, remove } = useTrialWrites();
  const notify = useNotice();
  const failed = (error: Error) => { notify({ message: error.message }); };
  const save = async (fields: TrialFields) => {
    const many = piecesOf(pieces, MOST_ALIKE);
    if (many === 1) {
      const logged = await log.mutateAsync(fields);
      notify({ message: 'Bend saved. The recipe stays for the next piece.', undo: () => { remove.mutate(logged, { onError: failed }); } });
    } else {
      const { trials } = await logAlike.mutateAsync({ fields, pieces: many });
      notify({ message: `${many} bends saved. The recipe stays for the next piece.`, undo: () => { takeBack.mutate(trials, { onError: failed }); } });
    }
    // the next piece is usually like the last one: keep the recipe, ask for its own ending
    setTrial({ recipe: trial.recipe, outcome: EMPTY_OUTCOME });
    setPieces('1');
  };
  return (
    <TrialEditor
      title="Log a bend"
      action="Save this bend"
      trial={trial}
      onChange={setTrial}
      onSave={save}
      beside={(
        <Field label="Pieces that came out so" value={pieces} sx={{ width: 190 }} onChange={(event) => { setPieces(event.target.value); }}
          slotProps={{ htmlInput: { inputMode: 'numeric', autoComplete: 'off' } }} />
      )}
    />
  );
}

export function CorrectView() {
  const id = Number(useParams().id);
  const { data } = useTrial(id);
  return data ? <Correction key={data.id} stored={data} /> : null;
}

function Correction({ stored }: { stored: TrialView }) {
  const [system] = useUnits();
  const [trial, setTrial] = useState<TrialForm>(() => ({
    recipe: formOf(stored.recipe, system),
    done: doneForm(stored.done),
    outcome: outcomeForm(stored, system),
  }));
  // the state this correction started from; a newer one elsewhere must not be overwritten unseen
  const [version] = useState(stored.version);
  const [supposed, setSupposed] = useState(stored.supposed ?? []);
  const { correct } = useTrialWrites();
  const navigate = useNavigate();
  return (
    <TrialEditor
      title="Correct a trial"
      above={<SupposedPart supposed={supposed} onKnown={(known) => { setSupposed(supposed.filter((each) => each !== known)); }} />}
      action="Save the correction"
      trial={trial}
      onChange={setTrial}
      onSave={async (fields) => {
        await correct.mutateAsync({ id: stored.id, version, fields: { ...fields, supposed: stillSupposed(supposed, stored.recipe, fields.recipe) } });
        await navigate(`/records/${stored.id}`);
      }}
    />
  );
}

interface TrialEditorProps {
  title: string;
  action: string;
  trial: TrialForm;
  onChange: (trial: TrialForm) => void;
  onSave: (fields: TrialFields) => Promise<void>;
  /** What is said before anything is asked. */
  above?: ReactNode;
  /** What is asked beside the button that saves. */
  beside?: ReactNode;
}

function TrialEditor({ title, action, trial, onChange, onSave, above, beside }: TrialEditorProps) {
  const { recipe: form, outcome, done: doneText = AS_PLANNED } = trial;
  const [system] = useUnits();
  const state = useRecipe(form);
  const { answer, current, problems, readings } = state;
  const readRecipe = useReadRecipe();
  const method = methodOf(form);
  const typed = afterwardsTyped(trial);
  const read = useReadings(typed, system);
  const [refusal, setRefusal] = useState<Error | null>(null);
  const [saving, setSaving] = useState(false);
  const [tried, setTried] = useState(false);
  const [mode, setMode] = useEntryMode();
  const onPhone = useOnPhone();
  const { problems: doneProblems } = doneOf(doneText, read, processOf(form));
  const missing = missingFrom(trial, Object.keys(problems).length + Object.keys(doneProblems).length, read);

  const save = async () => {
    setTried(true);
    if (missing || !outcome.severity) return;
    setSaving(true);
    setRefusal(null);
    try {
      // what was typed a moment ago may still be on its way to being read
      const [{ recipe }, now] = await Promise.all([readRecipe(state.typed), readNow(typed, system)]);
      const { done, problems: unread } = doneOf(doneText, now, processOf(form));
      if (!recipe || Object.keys(unread).length > 0 || missingFromOutcome(outcome, now)) return;
      await onSave({
        bentOn: outcome.bentOn || today(),
        recipe,
        done: method.followed ? done : undefined,
        outcome: outcomeOf(outcome, now),
        note: outcome.note,
      });
      setTried(false);
    } catch (error) {
      setRefusal(error as Error);
    } finally {
      setSaving(false);
    }
  };

  return (
    <Box sx={{ display: 'grid', gap: 3, gridTemplateColumns: { xs: '1fr', md: 'minmax(0, 1fr) 420px' }, alignItems: 'start' }}>
      <Box component="form" noValidate onSubmit={(event) => { event.preventDefault(); void save(); }}>
        <Typography variant="h1" sx={{ mb: 2 }}>{title}</Typography>
        {above}
        <Box component="section" aria-label="Recipe" sx={{ mb: 2 }}>
          <Recipe
            mode={mode}
            said="logged"
            form={form}
            readings={readings}
            problems={{ ...(refusal instanceof Problem ? problemsByField(form, refusal.errors) : {}), ...problems }}
            understood={answer?.recipe}
            onChange={(change) => { setRefusal(null); onChange({ ...trial, recipe: { ...form, ...change } }); }}
          />
          <RecipeBar state={state} mode={mode} onChange={setMode} />
        </Box>
        <OutcomeInputs
          outcome={outcome}
          neverSeen={method.neverSeen}
          readings={read}
          patternMm={answer?.recipe.innerRadiusMm}
          onChange={(change) => { setRefusal(null); onChange({ ...trial, outcome: { ...outcome, ...change } }); }}
        />
        {method.followed && (
          <DoneInputs plan={form} done={doneText} readings={read} problems={doneProblems}
            onChange={(change) => { setRefusal(null); onChange({ ...trial, done: { ...doneText, ...change } }); }} />
        )}
        {refusal && <Alert severity="error" sx={{ mb: 2 }}>{refusal.message}</Alert>}
        {tried && missing && <Alert severity="warning" sx={{ mb: 2 }}>{missing}</Alert>}
        <Box sx={IN_SIGHT}>
          <Button type="submit" variant="contained" size="large" loading={saving}>
            {action}
          </Button>
          {beside}
        </Box>
      </Box>
      <Paper sx={{ p: 2, position: { md: 'sticky' }, top: { md: BAR_HEIGHT + 16 } }}>
        <Dimmed old={!current} sx={{ minHeight: { xs: 360, sm: 480 } }}>
          <Box sx={{ height: 240, mb: 1 }}>
            {answer && (
              <BendDrawing recipe={answer.recipe} section={answer.forecast.section} sheet={answer.forecast.sheet} lettering={1.45}
                flaw={outcome.severity && outcome.severity !== 'CLEAN' ? outcome.flaw : undefined} flawAt={outcome.flawAt} />
            )}
          </Box>
          {answer && (onPhone ? <OddsInShort answer={answer.forecast} /> : <OddsPanel {...answer} />)}
          <Fold when={onPhone} title="Why: records, springback">{answer && <Grounds {...answer} />}</Fold>
        </Dimmed>
        <Typography variant="body2" color="textSecondary" sx={{ mt: 0.5, minHeight: '1.6em' }}>{answer && shapeLine(answer.recipe, system)}</Typography>
      </Paper>
    </Box>
  );
}

/** What ends the work stays in sight however long the form is; on a phone above the places. */
const IN_SIGHT = {
  display: 'flex', alignItems: 'center', flexWrap: 'wrap', columnGap: 2, position: 'sticky', bottom: { xs: 54, sm: 0 }, zIndex: 4, py: 1, bgcolor: 'background.default',
} as const;

/** What is measured after the bend: the curve of a piece that held, and the process as it was done. */
function afterwardsTyped({ recipe, outcome, done = AS_PLANNED }: TrialForm): Partial<Record<string, Typed>> {
  return {
    ...doneTyped(done, processOf(recipe)),
    ...outcomeTyped(outcome),
  };
}

/** The first thing that keeps a trial from being saved, as a sentence. */
function missingFrom({ outcome }: TrialForm, problems: number, read: Partial<Record<MeasuredAfter, Reading>>): string | undefined {
  if (problems > 0) return 'An entry is marked in red: mend it and save again. Nothing is lost meanwhile.';
  return missingFromOutcome(outcome, read);
}
