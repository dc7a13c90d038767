import { expect, test } from '@jest/globals'
import { MOST_PHOTO, PHOTO_SIDE, photoId, photoOfJob, readPhoto, type Photo } from './index'

const photo: Photo = {
  id: photoId('tray', 'r1', 'p'),
  job: 'tray',
  revision: 'r1',
  taken: '2026-10-04T10:00:00.000Z',
  caption: 'Corner',
  width: 1600,
  height: 1200,
  data: '/9j/4AAQSkZJRgABAQ==',
}

test('a photo is read as it was written', () =>
  expect(readPhoto(JSON.parse(JSON.stringify(photo)))).toEqual(photo))

test('what is no JPEG, is too large, or stands in another place is none', () => {
  const spoilt: object[] = [
    { ...photo, data: 'PHN2ZyBvbmxvYWQ9ImFsZXJ0KDEpIj4=' },
    { ...photo, data: 'data:image/jpeg;base64,/9j/4AAQ' },
    { ...photo, data: `/9j/${'A'.repeat(MOST_PHOTO)}` },
    { ...photo, width: PHOTO_SIDE + 1 },
    { ...photo, height: 0 },
    { ...photo, id: 'other/r1/p' },
    { ...photo, id: 'other/tray/r1/p' },
    { ...photo, id: 'tray/r2/p' },
    { ...photo, more: 1 },
  ]
  for (const each of spoilt) expect(readPhoto(each)).toBeNull()
  expect(readPhoto('photo')).toBeNull()
})

test('as one of another job it stands in that job’s place, and can be read', () => {
  const other = photoOfJob(photo, 'copy')
  expect(readPhoto(other)).toEqual({ ...photo, job: 'copy', id: 'copy/r1/p' })
  expect(photoOfJob(photo, 'tray')).toBe(photo)
})
