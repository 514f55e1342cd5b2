import { z } from 'zod';
import { PICTURE_SIDES } from './picture-sides';
import { PICTURE_TYPES } from './picture-types';
import { Cm, Id, Name, PositiveCm, ZoneName } from './shapes';

/** Something drawn in a picture to measure it: places in it, px of what was measured in. */
export const PictureMark = z.strictObject({
  id: Id,
  kind: z.enum(['line', 'curve', 'outline']),
  points: z.array(z.number()).min(4).max(4000),
  /** What it is: "chest, laid flat". */
  name: Name.optional(),
  /** Laid flat only one side was measured: all round it is twice as long. */
  doubled: z.literal(true).optional(),
  zone: ZoneName.optional(),
});
export type PictureMark = z.infer<typeof PictureMark>;

/** How a picture is measured in: what of known size lies in it, how the table is seen, and what was marked. */
export const PictureMeasured = z.strictObject({
  /** The size of the picture as it was measured in, px; a kept copy may be smaller. */
  frame: z.strictObject({ width: z.number().positive(), height: z.number().positive() }),
  reference: z.strictObject({
    name: Name.optional(),
    width: PositiveCm,
    height: PositiveCm,
    square: PositiveCm.optional(),
    ruler: z.literal(true).optional(),
  }),
  /** Its corners, x and y, clockwise from the upper left, px. */
  corners: z.array(z.number()).length(8),
  found: z.boolean(),
  refined: z.boolean(),
  /** Where places of the picture lie on the table, with what that is in doubt (src/core/measure/camera.ts). */
  view: z.array(z.number()).length(10),
  covariance: z.array(z.number()).length(100),
  rms: z.number().min(0),
  points: z.int().min(0),
  /** How high what is measured may lie above the reference, cm. */
  thick: Cm.optional(),
  marks: z.array(PictureMark).default([]),
});
export type PictureMeasured = z.infer<typeof PictureMeasured>;

/**
 * A picture of a make, a fabric, a pattern, a plan or a person. The bytes are kept apart from these facts: in a ledger of one text file they stand as base64, in an
 * archive as a file of their own, with a digest by which damage is found.
 */
export const Picture = z
  .strictObject({
    id: Id,
    makeId: Id.optional(),
    fabricId: Id.optional(),
    patternId: Id.optional(),
    planId: Id.optional(),
    /** Of a person: a bought garment of theirs, a mark on the door frame. */
    personId: Id.optional(),
    /** A note of the make that it belongs to: what a lesson looks like. */
    noteId: Id.optional(),
    side: z.enum(PICTURE_SIDES),
    /** Place among the pictures of one side; the lowest is shown first. */
    place: z.number().default(0),
    measured: PictureMeasured.optional(),
    type: z.enum(PICTURE_TYPES),
    data: z.base64('not base64').max(20_000_000).optional(),
    file: z.string().max(120).optional(),
    sha256: z
      .string()
      .regex(/^[0-9a-f]{64}$/, 'not a digest')
      .optional(),
  })
  .refine((p) => (p.data === undefined) !== (p.file === undefined), { message: 'a picture stands in the text or in a file of its own' })
  .refine((p) => [p.makeId, p.fabricId, p.patternId, p.planId, p.personId].filter((id) => id !== undefined).length === 1, {
    message: 'a picture is of one make, fabric, pattern, plan or person',
  });
export type Picture = z.infer<typeof Picture>;
