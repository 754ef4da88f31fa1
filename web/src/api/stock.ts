import { type OwnMesh, type OwnedPiece, type StoredPrice, type YardList } from '@aviarum/core';
import { ask } from './client';

const at = (holding: string) => `/holdings/${holding}`;
const DELETE = { method: 'DELETE' } as const;

export const shed = (holding: string) => ask('shed', `${at(holding)}/shed`);
export const putPiece = (holding: string, piece: OwnedPiece) =>
  ask('piece', `${at(holding)}/shed/${piece.id}`, { method: 'PUT', body: piece });
export const removePiece = (holding: string, id: string) =>
  ask('nothing', `${at(holding)}/shed/${id}`, DELETE);

export const products = (holding: string) => ask('products', `${at(holding)}/products`);
/** With its prices, all or none. */
export const putProduct = (holding: string, product: OwnMesh, prices: readonly StoredPrice[]) =>
  ask('product', `${at(holding)}/products/${product.id}`, { method: 'PUT', body: { product, prices } });
/** Its prices go with it. */
export const removeProduct = (holding: string, id: string) =>
  ask('nothing', `${at(holding)}/products/${id}`, DELETE);

export const prices = (holding: string) => ask('prices', `${at(holding)}/prices`);
export const putPrice = (holding: string, price: StoredPrice) =>
  ask('price', `${at(holding)}/prices/${price.id}`, { method: 'PUT', body: price });
export const removePrice = (holding: string, id: string) =>
  ask('nothing', `${at(holding)}/prices/${id}`, DELETE);

export const yardLists = (holding: string) => ask('yardLists', `${at(holding)}/yards`);
/** @throws ApiError 409 where the list was changed since it was read */
export const putYardList = (holding: string, list: YardList, basedOn: number) =>
  ask('yardList', `${at(holding)}/yards/${list.yard}`, {
    method: 'PUT',
    body: { ...list, basedOn },
  });

export const priceListAddress = (holding: string) => `/api${at(holding)}/price-list`;
/** All rows or none. @throws ApiError naming each row and column that is wrong */
export const putPriceList = (holding: string, csv: string) =>
  ask('priceList', `${at(holding)}/price-list`, { method: 'PUT', body: csv, type: 'text/csv' });
