/** What the first page does not wait for: the sentences of all stages. */
export { sayChange } from '@aviarum/core';
