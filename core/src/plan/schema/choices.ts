import * as z from 'zod/mini';
import * as posts from '../../stages/posts/choice';
import * as skirt from '../../stages/skirt/choice';
import * as walls from '../../stages/walls/choice';

const always = { ...posts.CHOICES, ...walls.CHOICES, ...skirt.CHOICES };

/** What is chosen for the whole plan, joined from the stages. */
export const choices = z.strictObject({ ...always, ...posts.FILLED, ...walls.FILLED });
/** Choices made again for an enclosure or a side: only what differs, nothing filled in. */
export const someChoices = z.partial(z.strictObject({ ...always, ...posts.APART, ...walls.APART }));
