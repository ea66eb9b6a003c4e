import { Box, Button, Typography } from '@mui/material';
import { useRef, useState } from 'react';
import { Link as RouterLink } from 'react-router';
import { imageOf, usePhotos, usePhotoWrites, type Subject } from '../api/photos';
import { useUnits } from '../app/units';
import { measuredLine } from './words';

/** What can be taken in, as a file picker understands it. */
const KINDS = 'image/jpeg,image/png,image/webp';

/** The photographs of a record or a board, and one more. */
export function PhotosOf({ subject }: { subject: Subject }) {
  const [system] = useUnits();
  const { data: photos = [] } = usePhotos(subject);
  const { add } = usePhotoWrites();
  const chooser = useRef<HTMLInputElement>(null);
  const [refusal, setRefusal] = useState<string>();
  const take = async (files: File[]) => {
    setRefusal(undefined);
    try {
      // one after another, in the order they were chosen
      for (const file of files) await add.mutateAsync({ subject, file });
    } catch (error) {
      setRefusal((error as Error).message);
    }
  };
  return (
    <Box component="section" aria-label="Photographs">
      <Box sx={{ display: 'flex', alignItems: 'baseline', gap: 1.5, mb: 1 }}>
        <Typography variant="h2">Photographs</Typography>
        <Button size="small" loading={add.isPending} onClick={() => chooser.current?.click()}>Add a photograph</Button>
        <input ref={chooser} type="file" accept={KINDS} multiple hidden aria-label="Choose photographs" tabIndex={-1}
          onChange={(event) => {
            const files = [...(event.target.files ?? [])];
            // the same file may be chosen again
            event.target.value = '';
            void take(files);
          }} />
      </Box>
      {refusal && <Typography role="alert" variant="body2" color="error" sx={{ mb: 1 }}>{refusal}</Typography>}
      {photos.length === 0 && <Typography variant="body2" color="textSecondary">None yet. On one, radius, gap and slope of grain can be measured.</Typography>}
      <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0, display: 'flex', flexWrap: 'wrap', gap: 1.5 }}>
        {photos.map((photo) => (
          <Box component="li" key={photo.id} sx={{ width: 180 }}>
            <Box component={RouterLink} to={`/photos/${photo.id}`} sx={{ display: 'block', color: 'text.primary', textDecoration: 'none' }}>
              <Box component="img" src={imageOf(photo.id, 'small')} alt={photo.photo.caption || `Photograph ${photo.id}`} loading="lazy"
                sx={{ display: 'block', width: 180, height: 135, objectFit: 'cover', borderRadius: 1, bgcolor: 'divider' }} />
              <Typography variant="body2" sx={{ mt: 0.5 }}>{photo.photo.caption}</Typography>
            </Box>
            <Typography variant="body2" color="textSecondary">{measuredLine(photo, system)}</Typography>
          </Box>
        ))}
      </Box>
    </Box>
  );
}
