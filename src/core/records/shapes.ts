import { z } from 'zod';
import { FIT_CLASSES } from '../body/fit-class';
import { BODY_MEASURES, ZONE_IDS } from '../body/zones';
import { idsOf } from '../units/keys';

/** A colour as screens write it. */
export const Colour = z.string().regex(/^#[0-9a-f]{6}$/i, 'not a colour such as #20302d');

/** Shapes that several records share. Every length is in cm; every date an ISO calendar date. */
export const Id = z.string().min(1).max(64);
export const Words = z.string().max(4000);
export const Name = z.string().trim().min(1, 'a name is missing').max(200);
/** A page of the web. Nothing of it is ever fetched: whoever wants to see it opens it. */
export const WebLink = z.url({ protocol: /^https?$/, error: 'not a link such as https://example.org/page' }).max(2000);
export const CalendarDate = z.iso.date('not a calendar date (write 2026-03-09)');
export const Cm = z.number().min(-2000).max(200_000);
export const PositiveCm = z.number().positive('must be more than nothing').max(200_000);
export const Percent = z.number().min(-50).max(300);
export const ZoneName = z.enum(ZONE_IDS);
export const FitClassName = z.enum(FIT_CLASSES);
export const Measure = z.enum(idsOf(BODY_MEASURES));

/** Minor units (cents) with an ISO 4217 code, so that sums stay exact. */
export const Money = z.strictObject({ minor: z.int(), currency: z.string().regex(/^[A-Z]{3}$/, 'not a currency code such as EUR') });
export type Money = z.infer<typeof Money>;
