import { type Price, toMinor } from "@/core/money";
import { BAG_KINDS, CROPS, findMix } from "@/library";

/** What Stairwell Gardens pays in Larkmouth, in euros. All made up. */
const BAGS: Record<string, number> = {
  cup: 0.1,
  bottle: 0,
  "jug-6-l": 0.5,
  "pot-25-l": 7.5,
  "round-5-gal": 3.2,
  "round-7-gal": 3.8,
  "round-10-gal": 4.5,
  "round-15-gal": 5.9,
  "round-20-gal": 7.2,
  "round-25-gal": 8.4,
  "round-30-gal": 9.6,
  "box-60-cm": 6.5,
  "tub-10-gal": 8,
  "tub-80-l": 14,
  "barrel-100-l": 22,
  tray: 2.5,
  "flat-1-cu-ft": 0,
  "flat-1.5-cu-ft": 0,
  "pocket-12": 6,
  "tiers-5": 38,
  "tower-50": 7,
  "tower-75": 9,
  "tower-100": 11,
};
const MIX_SACK_L = 45;
const MIX_SACKS: Record<string, number> = {
  "potting-mix": 7.9,
  "potting-mix-and-manure": 6.9,
  "soil-and-compost": 4.9,
  "soil-and-manure": 4.4,
  "topsoil-and-manure": 4.2,
};

/** A sack of feed and the kilograms in it; a bundle of gear and what is in it. */
const SHED: Record<string, readonly [price: number, size: number]> = {
  "feed/organic-granules": [8.5, 4],
  "feed/mineral-granules": [6.2, 4],
  "gear/cane": [4.9, 10],
  "gear/trellis": [7.5, 1],
  "gear/twine": [2.4, 10],
  "gear/wire": [3.9, 1],
  "gear/net": [2.8, 1],
  "gear/cell": [3.2, 40],
  "gear/label": [1.9, 20],
  "gear/cover": [12, 1],
  "gear/stones": [5.4, 20],
  "gear/lime": [3.5, 2],
  "gear/can": [6.8, 1],
};

/** A packet's price and the seed in it, g; a kilogram at the market. */
const CROP_PRICES: Record<string, readonly [packet: number, packetG: number, market: number]> = {
  lettuce: [1.6, 1.5, 4.2],
  "water-spinach": [2, 10, 5],
  spinach: [1.8, 12, 4.5],
  chard: [1.7, 8, 3.6],
  amaranth: [1.9, 2, 5.2],
  "african-nightshade": [2.2, 1, 5.5],
  "jute-mallow": [2.2, 2, 6],
  "malabar-spinach": [2.2, 3, 6],
  "lambs-lettuce": [1.8, 4, 9],
  purslane: [1.8, 1, 7],
  "pak-choi": [1.7, 2, 4],
  "choy-sum": [1.8, 3, 4.6],
  mustard: [1.6, 4, 4.8],
  "gai-lan": [1.9, 3, 5],
  "ethiopian-kale": [2, 2, 4.5],
  mizuna: [1.7, 2, 6],
  rocket: [1.7, 3, 9],
  kale: [1.7, 1.5, 3.8],
  cabbage: [1.6, 1, 1.6],
  broccoli: [1.9, 1, 3.2],
  cauliflower: [1.9, 0.8, 2.9],
  kohlrabi: [1.7, 1, 2.6],
  radish: [1.5, 10, 3.4],
  turnip: [1.5, 5, 2.2],
  onion: [1.6, 2, 1.5],
  leek: [1.7, 2, 2.4],
  carrot: [1.6, 2, 1.4],
  beet: [1.6, 8, 1.9],
  parsnip: [1.8, 3, 2.6],
  pea: [2.4, 60, 6.5],
  "bush-bean": [2.4, 50, 5],
  "climbing-bean": [2.6, 40, 5.5],
  "long-bean": [2.8, 30, 6],
  "sweet-corn": [2.4, 20, 3.5],
  tomato: [2.6, 0.2, 3.2],
  pepper: [2.6, 0.3, 4],
  aubergine: [2.6, 0.3, 3.2],
  okra: [2.2, 5, 7],
  cucumber: [2.6, 1, 2.4],
  courgette: [2.5, 4, 2.3],
  squash: [2.5, 5, 1.9],
  basil: [1.8, 1, 18],
  coriander: [1.5, 8, 12],
  parsley: [1.6, 3, 12],
  thyme: [2, 0.2, 20],
  chives: [1.8, 1, 16],
  dill: [1.6, 3, 14],
  fenugreek: [1.5, 30, 8],
  collard: [1.8, 2, 3.6],
  "chinese-cabbage": [1.8, 1.5, 2.4],
  komatsuna: [1.8, 3, 4.4],
  tatsoi: [1.8, 2, 5],
  cowpea: [2.2, 30, 5],
  "spider-plant": [2.2, 2, 5.5],
  pumpkin: [2.3, 6, 4],
  "leaf-celery": [1.8, 1, 9],
  sunflower: [1.9, 60, 11],
  "bitter-gourd": [2.6, 4, 5],
  "bottle-gourd": [2.5, 5, 3],
  "ridge-gourd": [2.6, 4, 4.5],
  melon: [2.6, 2, 2.6],
  "broad-bean": [2.2, 60, 3.4],
  "runner-bean": [2.5, 50, 5.5],
  groundnut: [2.4, 50, 6],
  chamomile: [1.9, 0.3, 0],
  lavender: [2.2, 0.3, 0],
  marigold: [1.6, 1, 0],
  nasturtium: [1.8, 6, 0],
  viola: [2, 0.3, 0],
};
/** A set, tuber, clove, cutting, runner, seedling or young tree; a kilogram at the market where the crop is not in the list above. */
const PIECES: Record<string, readonly [piece: number, market?: number]> = {
  potato: [0.25, 1.2],
  "sweet-potato": [0.3, 2.4],
  garlic: [0.35, 7],
  onion: [0.05],
  strawberry: [0.9, 7.5],
  mint: [1.8, 14],
  rosemary: [2.2, 15],
  thyme: [2],
  "trailing-petunia": [1.5],
  shallot: [0.3, 4.5],
  ginger: [0.8, 8],
  turmeric: [0.9, 12],
  taro: [0.7, 4],
  lemongrass: [1.6, 14],
  oregano: [1.9, 18],
  sage: [1.9, 18],
  lemon: [16, 2.6],
  fig: [14, 7],
  guava: [15, 6],
  blueberry: [9, 12],
  raspberry: [6, 13],
  gooseberry: [7, 8],
  leek: [0.2],
  tomato: [1.2],
  pepper: [1.2],
  aubergine: [1.3],
};
/** What a seedling costs when nothing else is written. */
const SEEDLING = 0.5;

/** The demo programme's prices, in minor units of its currency. */
export function demoPrices(currency: string): Price[] {
  const price = (item: string, amount: number, size = 1): Price => ({
    item,
    minor: toMinor(amount, currency),
    size,
  });
  const bags = BAG_KINDS.flatMap(({ id }) => (BAGS[id] === undefined ? [] : [price(`bag/${id}`, BAGS[id])]));
  const mixes = Object.entries(MIX_SACKS).flatMap(([id, amount]) =>
    findMix(id) ? [price(`mix/${id}`, amount, MIX_SACK_L)] : [],
  );
  const crops = CROPS.flatMap(({ id }) => {
    const [packet, packetG, market] = CROP_PRICES[id] ?? [];
    const [piece = SEEDLING, own] = PIECES[id] ?? [];
    const kilo = market ?? own;
    return [
      ...(packet !== undefined && packetG !== undefined ? [price(`packet/${id}`, packet, packetG)] : []),
      price(`piece/${id}`, piece),
      ...(kilo ? [price(`market/${id}`, kilo)] : []),
    ];
  });
  const shed = Object.entries(SHED).map(([item, [amount, size]]) => price(item, amount, size));
  return [...bags, ...mixes, ...shed, ...crops];
}
