export { cardOf } from '@aviarum/core';
