import { z } from 'zod';

/** The longer side of a picture is brought to this before it is sent, and nothing larger than the second is taken, pixels. */
export const PHOTO_SIDE = 1600;
export const LARGEST_SIDE = 4096;
/** A picture is no larger than this, bytes; as base64 in a request it stays under what one request may have. */
export const LARGEST_PHOTO = 700_000;

/** A picture as it is sent, once: JPEG as base64, with an id made where it was taken. */
export const sendPhotoSchema = z.strictObject({
  id: z.uuid(),
  jobId: z.string().min(1).max(60),
  jpeg: z
    .string()
    .min(100)
    .max(Math.ceil((LARGEST_PHOTO * 4) / 3) + 4)
    .regex(/^[A-Za-z0-9+/]+={0,2}$/, 'A photo is sent as base64.'),
});
export type SendPhoto = z.infer<typeof sendPhotoSchema>;
