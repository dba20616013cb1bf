// @vitest-environment happy-dom
import 'fake-indexeddb/auto';
import { IDBFactory } from 'fake-indexeddb';
import { fireEvent, screen, waitFor } from '@testing-library/react';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { PlatePhoto } from '@pelvo/contract';
import { refused, show } from './screen';

const PLATE = { lessonId: 'l1', studentId: 's1', dishEditionId: 'e1' };

beforeEach(() => {
  vi.resetModules();
  vi.stubGlobal('indexedDB', new IDBFactory());
  vi.stubGlobal('createImageBitmap', async (file: Blob) => {
    if ((await file.text()) !== 'a photo') throw new Error('no image');
    return { width: 4000, height: 3000, close: () => undefined };
  });
  HTMLCanvasElement.prototype.getContext = (() => ({ drawImage: () => undefined })) as never;
  HTMLCanvasElement.prototype.toBlob = function (this: HTMLCanvasElement, done: BlobCallback) {
    done(new Blob([`${this.width} × ${this.height}`], { type: 'image/jpeg' }));
  };
});

const photo = (id: string): PlatePhoto => ({ id, studentId: 's1', dishEditionId: 'e1', takenAt: '2026-11-20T10:00:00.000Z', by: 'Teo' });
const bar = async (answers: Readonly<Record<string, unknown>>) => {
  const { PlatePhotosBar } = await import('../src/photos');
  return show(<PlatePhotosBar {...PLATE} />, { role: 'assistant', answers });
};
const take = async (content: string) =>
  fireEvent.change(await screen.findByLabelText('Take or choose a photo of this plate'), {
    target: { files: [new File([content], 'p.jpg')] },
  });

describe('the photos of a plate', () => {
  it('are made small, sent at once, and shown', async () => {
    const kept: PlatePhoto[] = [];
    const { sent } = await bar({
      'GET /lessons/l1/photos': () => [...kept],
      'PUT /lessons/l1/photos/*': () => {
        kept.push(photo('f1'));
        return photo('f1');
      },
    });
    await take('a photo');
    const [image] = (await screen.findByRole('button', { name: 'Photo 1 of this plate' })).getElementsByTagName('img');
    expect(image!.getAttribute('src')).toBe('/api/photos/f1');
    expect(sent[0]!.path).toMatch(/^\/lessons\/l1\/photos\/[0-9a-f-]{36}\?studentId=s1&dishEditionId=e1&at=/);
  });

  it('wait on the device without a network, and go once it is back, under the same id', async () => {
    let away = true;
    const { sent } = await bar({ 'PUT /lessons/l1/photos/*': () => (away ? refused(503, { title: 'Away', status: 503 }) : photo('f1')) });
    await take('a photo');
    expect(await screen.findByText('kept here, not sent')).toBeTruthy();
    away = false;
    dispatchEvent(new Event('online'));
    await waitFor(() => expect(screen.queryByText('kept here, not sent')).toBeNull());
    expect(new Set(sent.map(({ path }) => path)).size).toBe(1);
  });

  it('that are none, or that the server refuses, are said and can be given up', async () => {
    const problem = {
      title: 'Not taken',
      status: 409,
      errors: [{ field: 'photo', problem: 'There are 4 photos of this plate.', remedy: 'Take one away first.' }],
    };
    const { user } = await bar({ 'PUT /lessons/l1/photos/*': refused(409, problem) });
    await take('a text');
    expect((await screen.findByRole('alert')).textContent).toContain('no photo that can be opened');
    await take('a photo');
    expect(await screen.findByText('There are 4 photos of this plate.')).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'Do not send this photo' }));
    await waitFor(() => expect(screen.queryByText('kept here, not sent')).toBeNull());
  });

  it('are looked at large and taken away there; four are enough', async () => {
    let all = ['f1', 'f2', 'f3', 'f4'].map(photo);
    const { user, sent } = await bar({
      'GET /lessons/l1/photos': () => all,
      'DELETE /photos/f2': () => {
        all = all.filter(({ id }) => id !== 'f2');
        return {};
      },
    });
    await user.click(await screen.findByRole('button', { name: 'Photo 2 of this plate' }));
    expect(screen.queryByLabelText('Take or choose a photo of this plate')).toBeNull();
    await user.click(await screen.findByRole('button', { name: 'Take this photo away for good' }));
    expect(await screen.findByLabelText('Take or choose a photo of this plate')).toBeTruthy();
    expect(sent).toMatchObject([{ method: 'DELETE', path: '/photos/f2' }]);
  });
});
