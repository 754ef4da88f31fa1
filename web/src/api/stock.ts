import type { OwnMesh, OwnPrice, OwnedPiece } from '@aviarum/core';
import { ask } from './client';

export interface ShedPiece {
  readonly piece: OwnedPiece;
  /** Plans that count on it. */
  readonly claims: readonly { readonly plan: string; readonly name: string }[];
}

const at = (holding: string) => `/holdings/${holding}`;

export const shed = (holding: string) => ask<readonly ShedPiece[]>(`${at(holding)}/shed`);
export const putPiece = (holding: string, piece: OwnedPiece) =>
  ask<OwnedPiece>(`${at(holding)}/shed/${piece.id}`, 'PUT', piece);
export const removePiece = (holding: string, id: string) =>
  ask<undefined>(`${at(holding)}/shed/${id}`, 'DELETE');

export const products = (holding: string) => ask<readonly OwnMesh[]>(`${at(holding)}/products`);
/** With its prices, all or none. */
export const putProduct = (holding: string, product: OwnMesh, prices: readonly StoredPrice[]) =>
  ask<OwnMesh>(`${at(holding)}/products/${product.id}`, 'PUT', { product, prices });
/** Its prices go with it. */
export const removeProduct = (holding: string, id: string) =>
  ask<undefined>(`${at(holding)}/products/${id}`, 'DELETE');

export interface StoredPrice extends OwnPrice {
  readonly id: string;
}
export const prices = (holding: string) => ask<readonly StoredPrice[]>(`${at(holding)}/prices`);
export const removePrice = (holding: string, id: string) =>
  ask<undefined>(`${at(holding)}/prices/${id}`, 'DELETE');

export const priceListAddress = (holding: string) => `/api${at(holding)}/price-list`;
/** All rows or none. @throws ApiError naming each row and column that is wrong */
export const putPriceList = (holding: string, csv: string) =>
  ask<{ rows: number; taken: number }>(`${at(holding)}/price-list`, 'PUT', csv, 'text/csv');
