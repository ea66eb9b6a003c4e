import type { WaysRequest } from '../api/schema';
import { KINDS, METHODS } from '../methods/forms';

type Order = WaysRequest['order'];

/** Which of the ways come first. */
export const ORDER: Record<Order, string> = { QUICKEST: 'quickest', SUREST: 'surest', MOST_TRIED: 'most tried' };

/** How sure it should be and what is at hand, as it is typed. Several lengths stand one after another with semicolons. */
export interface WishForm {
  unbroken: '0.8' | '0.9' | '0.95';
  speciesIds: string[];
  seasonings: WaysRequest['seasonings'];
  thicknesses: string;
  supports: WaysRequest['supports'];
  soak: boolean;
  methods: WaysRequest['methods'];
  plies: string;
  order: Order;
}

export const FIRST_WISH: WishForm = {
  unbroken: '0.9',
  speciesIds: [],
  seasonings: ['GREEN', 'AIR_DRIED', 'KILN_DRIED'],
  thicknesses: '',
  supports: ['NONE', 'WEBBING', 'STEEL'],
  soak: true,
  methods: KINDS.filter((kind) => METHODS[kind].usual),
  plies: '1/16"; 1/8"; 3/16"',
  order: 'QUICKEST',
};
