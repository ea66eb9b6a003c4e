import { Box, Button } from '@mui/material';
import { useTrial, useTrialWrites } from '../api/queries';
import { useBoards, useStockWrites } from '../api/stock';
import type { MeasuredReading, OutcomeFields, PhotoView, TrialView } from '../api/schema';
import { useNotice } from '../app/notice';
import { useUnits } from '../app/units';
import { asWritten } from '../trials/asWritten';
import { tenths } from '../units/exact';
import { printLength } from '../units/printing';

/** What was measured goes into the record or to the board it is of, with one tap. */
export function TakeUp({ photo, measured }: { photo: PhotoView; measured: MeasuredReading }) {
  return (
    <Box sx={{ display: 'grid', justifyItems: 'start', gap: 0.5, minHeight: 40, mb: 2 }}>
      {photo.trialId !== undefined && <IntoRecord trialId={photo.trialId} measured={measured} />}
      {photo.boardId !== undefined && <ToBoard boardId={photo.boardId} measured={measured} />}
    </Box>
  );
}

function IntoRecord({ trialId, measured: { radius, slope } }: { trialId: number; measured: MeasuredReading }) {
  const [system] = useUnits();
  const notify = useNotice();
  const { data: trial } = useTrial(trialId);
  const { correct } = useTrialWrites();
  if (!trial) return null;
  const write = (now: TrialView, message: string) => {
    const into = (fields: TrialView, version: number) => correct.mutateAsync({ id: trial.id, version, fields: asWritten(fields) });
    void into(now, trial.version)
      .then((kept) => { notify({ message, undo: () => { void into(trial, kept.version).catch((error: Error) => { notify({ message: error.message }); }); } }); })
      .catch((error: Error) => { notify({ message: error.message }); });
  };
  const run = slope?.run;
  return (
    <>
      {radius && trial.outcome.severity !== 'BROKEN' && (
        <Button variant="outlined" loading={correct.isPending}
          onClick={() => { write({ ...trial, outcome: ofRadius(trial.outcome, tenths(radius.mm)) }, `Radius after release: ${printLength(radius.mm, system)}.`); }}>
          Write it down as the radius after release
        </Button>
      )}
      {run !== undefined && (
        <Button variant="outlined" loading={correct.isPending}
          onClick={() => { write({ ...trial, recipe: { ...trial.recipe, blank: { ...trial.recipe.blank, grainRun: rounded(run) } } }, `Slope of grain: 1 in ${rounded(run)}.`); }}>
          Write it down as the slope of grain
        </Button>
      )}
    </>
  );
}

/** The same ending with another radius; how that was measured before counts no longer. */
function ofRadius(outcome: OutcomeFields, releasedRadiusMm: number): OutcomeFields {
  return { ...outcome, releasedRadiusMm, releasedChordMm: undefined, releasedRiseMm: undefined, releasedGapMm: undefined } as OutcomeFields;
}

function ToBoard({ boardId, measured: { slope } }: { boardId: number; measured: MeasuredReading }) {
  const notify = useNotice();
  const { data: boards } = useBoards();
  const { change } = useStockWrites();
  const view = boards?.find((board) => board.id === boardId);
  const run = slope?.run;
  if (!view || run === undefined) return null;
  const keep = (grainRun: number | undefined, version: number) => change.mutateAsync({ id: view.id, version, board: { ...view.board, grainRun } as typeof view.board });
  return (
    <Button variant="outlined" loading={change.isPending}
      onClick={() => {
        void keep(rounded(run), view.version)
          .then((kept) => {
            const undo = () => { void keep(view.board.grainRun, kept.version).catch((error: Error) => { notify({ message: error.message }); }); };
            notify({ message: `${view.board.name}: slope of grain 1 in ${rounded(run)}.`, undo });
          })
          .catch((error: Error) => { notify({ message: error.message }); });
      }}>
      Write it down as the board’s slope of grain
    </Button>
  );
}

/** Three figures are more than is known of any slope. */
function rounded(run: number): number {
  return Number(run.toPrecision(3));
}
