import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, asBytes, body } from './client';
import type { PhotoFields, PhotoView, PointedFields } from './schema';
import { inThisShop } from './shop';

/** What a photograph is of. */
export type Subject = { trial: number } | { board: number } | { piece: number };

/** As large as a photograph is given out. */
export type ImageSize = 'image' | 'small';

const PHOTOS = 'photos';

export function imageOf(photo: number, size: ImageSize): string {
  return inThisShop(`/api/photos/${photo}/${size}`);
}

export function usePhotos(subject: Subject) {
  return useQuery({ queryKey: [PHOTOS, subject], queryFn: () => body(api.GET('/api/photos', { params: { query: subject } })) });
}

export function usePhoto(id: number) {
  return useQuery({ queryKey: [PHOTOS, id], queryFn: () => body(api.GET('/api/photos/{id}', { params: { path: { id } } })) });
}

/** What places pointed at tell; the answer carries what it was asked. */
export function usePhotoMeasurement(pointed: PointedFields | undefined) {
  return useQuery({
    queryKey: [PHOTOS, 'measurement', pointed],
    queryFn: async () => ({ asked: pointed, measured: await body(api.POST('/api/photos/measurement', { body: pointed as PointedFields })) }),
    enabled: pointed !== undefined,
    placeholderData: keepPreviousData,
    staleTime: Infinity,
    retry: false,
  });
}

export function usePhotoWrites() {
  const client = useQueryClient();
  const onSuccess = (photo: PhotoView) => {
    client.setQueryData([PHOTOS, photo.id], photo);
    const { trialId: trial, boardId: board, pieceId: piece } = photo;
    const subject = trial !== undefined ? { trial } : piece !== undefined ? { piece } : { board };
    return client.invalidateQueries({ queryKey: [PHOTOS, subject] });
  };
  const add = useMutation({
    mutationFn: ({ subject, file }: { subject: Subject; file: File }) =>
      body(api.POST('/api/photos', {
        ...asBytes(file), params: { query: subject }, headers: { 'Content-Type': file.type },
      })),
    onSuccess,
  });
  const change = useMutation({
    mutationFn: ({ id, version, photo }: { id: number; version: number; photo: PhotoFields }) =>
      body(api.PUT('/api/photos/{id}', { params: { path: { id }, query: { version } }, body: photo })),
    onSuccess,
  });
  const remove = useMutation({
    mutationFn: ({ id, version }: Pick<PhotoView, 'id' | 'version'>) => body(api.DELETE('/api/photos/{id}', { params: { path: { id }, query: { version } } })),
    onSuccess,
  });
  const putBack = useMutation({
    mutationFn: (id: number) => body(api.POST('/api/photos/{id}/restoration', { params: { path: { id } } })),
    onSuccess,
  });
  return { add, change, remove, putBack };
}
