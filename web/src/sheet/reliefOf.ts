/* By itself, so that contours and the network they are drawn from are fetched by sheets with heights alone. */
export { relief as reliefOf } from '@aviarum/core';
