import { Box, Button, Typography } from '@mui/material';
import { useState } from 'react';
import { Link as RouterLink, useNavigate, useParams } from 'react-router';
import { imageOf, usePhoto, usePhotoMeasurement, usePhotoWrites } from '../api/photos';
import type { MeasuredReading, PhotoView } from '../api/schema';
import { Dimmed } from '../app/Dimmed';
import { Field } from '../app/Field';
import { useNotice } from '../app/notice';
import { useUnits } from '../app/units';
import { HowComputed } from '../help/HowComputed';
import { Choice } from '../recipe/Choice';
import { MeasureField } from '../units/MeasureField';
import { useReadings } from '../units/reading';
import { readOne } from '../units/readOrThrow';
import { draftOf, MOST_OF_A_CURVE, moved, pointedOf, withMeasure, withoutMeasure, withOneMore, type Draft, type Measure } from './pointing';
import { Pointing } from './Pointing';
import { TakeUp } from './TakeUp';
import { HOW, lengthInWords, MEASURE, slopeInWords } from './words';

/** One photograph: what it shows, and what is measured on it. */
export function PhotoPage() {
  const { data: photo, error } = usePhoto(Number(useParams().id));
  if (error) return <Typography role="alert">{error.message}</Typography>;
  return photo ? <OnePhoto key={photo.id} photo={photo} /> : null;
}

function OnePhoto({ photo }: { photo: PhotoView }) {
  const [system] = useUnits();
  const kept = draftOf(photo.photo, system);
  const [draft, setDraft] = useState<Draft>(kept);
  const [measure, setMeasure] = useState<Measure>('known');
  const [moving, setMoving] = useState(false);
  const read = useReadings({ known: { measurement: 'LENGTH', text: draft.knownText } }, system);
  const pointed = pointedOf(draft, read.known.value);
  const { data, error } = usePhotoMeasurement(moving ? undefined : pointed);
  const measured = pointed && data ? data.measured : {};
  const current = !moving && JSON.stringify(data?.asked) === JSON.stringify(pointed);
  const choose = (chosen: Measure) => {
    setMeasure(chosen);
    setDraft({ ...draft, lines: withMeasure(draft.lines, chosen, photo.widthPx, photo.heightPx) });
  };
  const there = measure in draft.lines || (measure === 'slope' && 'edge' in draft.lines);
  return (
    <>
      <Heading photo={photo} />
      <Box sx={{ display: 'grid', gap: 3, gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: 'minmax(0, 1fr) 340px' }, alignItems: 'start' }}>
        <Pointing image={imageOf(photo.id, 'image')} alt={photo.photo.caption || 'The photograph'} widthPx={photo.widthPx} heightPx={photo.heightPx} lines={draft.lines}
          measure={measure} circle={current ? measured.curve : undefined}
          onMove={(grip, to, letGo, pictureToShown) => {
            setMoving(!letGo);
            setDraft((before) => ({ ...before, pictureToShown, lines: moved(before.lines, grip, to) }));
          }} />
        <Box>
          <Choice label="Measure" options={MEASURE} value={there ? measure : undefined} onChange={choose} />
          <Typography variant="body2" color="textSecondary" sx={{ minHeight: '4.5em' }}>
            {there ? HOW[measure] : 'Choose what to measure: its places appear on the photograph, to be dragged or moved by the arrow keys. Hold the camera square over the piece.'}
          </Typography>
          <Box sx={{ display: 'flex', gap: 1, minHeight: 40, mb: 1 }}>
            {there && <Button size="small" onClick={() => { setDraft({ ...draft, lines: withoutMeasure(draft.lines, measure) }); }}>Take it off</Button>}
            {there && measure === 'curve' && (
              <Button size="small" disabled={(draft.lines.curve?.length ?? 0) >= MOST_OF_A_CURVE} onClick={() => { setDraft({ ...draft, lines: withOneMore(draft.lines) }); }}>
                One more place
              </Button>
            )}
          </Box>
          <MeasureField label="How long the known length is" measurement="LENGTH" text={draft.knownText} reading={read.known} problem={read.known.error}
            onChange={(knownText) => { setDraft({ ...draft, knownText }); }} />
          <Dimmed old={!current && pointed !== undefined}>
            <HowComputed part="photographs" />
            <Results measured={measured} lines={draft.lines} failure={current || !error ? undefined : error.message} />
          </Dimmed>
          <TakeUp photo={photo} measured={current ? measured : {}} />
          <Keep photo={photo} draft={draft} changed={JSON.stringify(draft) !== JSON.stringify({ ...kept, pictureToShown: draft.pictureToShown })}
            onKept={(now) => { setDraft(draftOf(now.photo, system)); }} onCaption={(caption) => { setDraft({ ...draft, caption }); }} />
        </Box>
      </Box>
    </>
  );
}

function Results({ measured, lines, failure }: { measured: MeasuredReading; lines: Draft['lines']; failure: string | undefined }) {
  const [system] = useUnits();
  const { radius, curve, straight, slope, gap } = measured;
  const results: [string, string][] = [];
  if (lines.curve) results.push(['Radius', straight ? 'these places lie on a line' : radius ? lengthInWords(radius, system) : curve ? 'needs a known length' : '…']);
  if (lines.edge) results.push(['Grain', slope ? slopeInWords(slope) : '…']);
  if (lines.gap) results.push(['Gap', gap ? lengthInWords(gap, system) : 'needs a known length']);
  return (
    <Box component="dl" aria-label="Measured" sx={{ m: 0, my: 1, minHeight: 84, display: 'grid', gridTemplateColumns: '64px 1fr', rowGap: 0.5, alignContent: 'start' }}>
      {failure && <Typography role="alert" color="error" sx={{ gridColumn: '1 / -1' }}>{failure}</Typography>}
      {results.map(([term, text]) => (
        <Box key={term} sx={{ display: 'contents' }}>
          <Typography component="dt" color="textSecondary">{term}</Typography>
          <Typography component="dd" sx={{ m: 0, fontWeight: 600 }}>{text}</Typography>
        </Box>
      ))}
    </Box>
  );
}

interface KeepProps {
  photo: PhotoView;
  draft: Draft;
  changed: boolean;
  onKept: (photo: PhotoView) => void;
  onCaption: (caption: string) => void;
}

/** Keeps what was pointed at, and what the photograph shows. */
function Keep({ photo, draft, changed, onKept, onCaption }: KeepProps) {
  const [system] = useUnits();
  const notify = useNotice();
  const { change } = usePhotoWrites();
  const [refusal, setRefusal] = useState<string>();
  const keep = async () => {
    setRefusal(undefined);
    try {
      const knownMm = draft.knownText.trim() === '' ? undefined : await readOne({ measurement: 'LENGTH', text: draft.knownText }, system, 'Say how long the known length is.');
      const pointed = pointedOf(draft, knownMm);
      onKept(await change.mutateAsync({ id: photo.id, version: photo.version, photo: { caption: draft.caption, ...(pointed ? { pointed } : {}) } }));
      notify({ message: 'Kept with the photograph.' });
    } catch (error) {
      setRefusal((error as Error).message);
    }
  };
  return (
    <Box component="form" noValidate onSubmit={(event: React.FormEvent) => { event.preventDefault(); void keep(); }}>
      <Field label="What it shows" value={draft.caption} helperText=" " onChange={(event) => { onCaption(event.target.value); }} slotProps={{ htmlInput: { maxLength: 200 } }} />
      {refusal && <Typography role="alert" variant="body2" color="error">{refusal}</Typography>}
      <Button type="submit" variant="outlined" disabled={!changed} loading={change.isPending}>Save</Button>
    </Box>
  );
}

/** Where what it is of is seen. */
function backOf({ trialId, boardId }: PhotoView): { to: string; label: string } {
  if (trialId !== undefined) return { to: `/records/${trialId}`, label: 'Back to the record' };
  return boardId === undefined ? { to: '/bench', label: 'Back to the bench' } : { to: `/stock/${boardId}`, label: 'Back to the board' };
}

function Heading({ photo }: { photo: PhotoView }) {
  const navigate = useNavigate();
  const notify = useNotice();
  const { remove, putBack } = usePhotoWrites();
  const back = backOf(photo);
  return (
    <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', columnGap: 1, mb: 1.5 }}>
      <Typography variant="h1" sx={{ flexGrow: 1 }}>{photo.photo.caption || 'Photograph'}</Typography>
      <Button component={RouterLink} to={back.to}>{back.label}</Button>
      <Button color="error" loading={remove.isPending}
        onClick={() => {
          void remove.mutateAsync(photo)
            .then(() => navigate(back.to))
            .then(() => { notify({ message: 'Photograph removed.', undo: () => { putBack.mutate(photo.id); } }); })
            .catch((error: Error) => { notify({ message: error.message }); });
        }}>
        Remove
      </Button>
    </Box>
  );
}
