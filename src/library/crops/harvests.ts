import type { z } from "zod";
import type { Goal } from "@/core/crop";
import { range } from "./range";

type GoalData = z.input<typeof Goal>;
type Figures = [low: number, likely: number, high: number];
/** Dry share of what is picked, and share of what grows that is picked at best. */
type Dry = [dryMatter: number, harvestIndex: number];
type Given = Pick<GoalData, "yieldG" | "closedKgM2" | "dryMatter" | "harvestIndex"> & {
  readonly marks: Partial<GoalData["source"]>;
};

/**
 * @param alone g from a plant that has all the room, light and soil which it can use
 * @param closed kg from a m² at the usual density in full sun
 */
const plant = (
  alone: Figures,
  closed: Figures,
  [dryMatter, harvestIndex]: Dry,
  marks: Given["marks"] = {},
): Given => ({
  yieldG: range(...alone),
  closedKgM2: range(...closed),
  dryMatter,
  harvestIndex,
  marks,
});
/** @param g from a m² */
const dense = (g: Figures, [dryMatter, harvestIndex]: Dry): Given => ({
  yieldG: range(...g),
  dryMatter,
  harvestIndex,
  marks: {},
});
const uneaten: Given = { yieldG: range(0, 0, 0), dryMatter: 0.15, harvestIndex: 0.2, marks: {} };

/**
 * What each goal gives. `nass`: near the national field averages of USDA NASS, Vegetables and Potatoes annual summaries of
 * about 2018 to 2022 (from memory, rounded); a range of about half to 1.8 times round them. `fooddata`: dry matter by USDA
 * FoodData Central (from memory). All else, with what lone plants give and every harvest index, is an assumption.
 */
export const HARVESTS: Record<string, Given> = {
  "lettuce/leaf": plant([90, 200, 330], [1.5, 3, 5.4], [0.05, 0.85], { dryMatter: "fooddata" }),
  "lettuce/baby-leaf": dense([600, 1200, 2000], [0.06, 0.85]),
  "lettuce/head": plant([220, 420, 680], [2.2, 4, 7], [0.05, 0.85], {
    closedKgM2: "nass",
    dryMatter: "fooddata",
  }),
  "water-spinach/leaf": plant([90, 200, 330], [2, 4, 7], [0.08, 0.75]),
  "spinach/leaf": plant([130, 270, 470], [1.4, 2.6, 4.6], [0.09, 0.85], { dryMatter: "fooddata" }),
  "spinach/baby-leaf": dense([600, 1200, 2000], [0.06, 0.85]),
  "chard/leaf": plant([750, 1400, 2200], [3, 5.5, 9.5], [0.08, 0.75], { dryMatter: "fooddata" }),
  "chard/baby-leaf": dense([600, 1200, 2000], [0.06, 0.85]),
  "amaranth/leaf": plant([90, 200, 330], [1.5, 3, 5.5], [0.08, 0.75]),
  "amaranth/microgreens": dense([500, 900, 1500], [0.07, 0.9]),
  "african-nightshade/leaf": plant([90, 200, 330], [1.5, 3, 5.5], [0.08, 0.75]),
  "jute-mallow/leaf": plant([90, 200, 330], [1.2, 2.5, 4.5], [0.08, 0.75]),
  "malabar-spinach/leaf": plant([600, 1200, 2100], [2, 4, 7], [0.08, 0.75]),
  "sweet-potato/tops": plant([220, 450, 750], [1.5, 3, 5.5], [0.1, 0.6]),
  "sweet-potato/tuber": plant([600, 1200, 2000], [1.2, 2.4, 4.4], [0.23, 0.8], {
    closedKgM2: "nass",
    dryMatter: "fooddata",
  }),
  "lambs-lettuce/leaf": plant([12, 22, 38], [0.5, 1, 1.8], [0.08, 0.75]),
  "purslane/leaf": plant([90, 200, 330], [1.2, 2.5, 4.5], [0.08, 0.75]),
  "pak-choi/leaf": plant([90, 200, 330], [1.5, 3, 5.2], [0.08, 0.75]),
  "pak-choi/head": plant([180, 330, 520], [2, 4, 7], [0.08, 0.6]),
  "pak-choi/baby-leaf": dense([600, 1200, 2000], [0.06, 0.85]),
  "choy-sum/leaf": plant([90, 200, 330], [1.1, 2.2, 4], [0.08, 0.75]),
  "mustard/leaf": plant([90, 200, 330], [1.2, 2.4, 4.4], [0.08, 0.75]),
  "mustard/baby-leaf": dense([600, 1200, 2000], [0.06, 0.85]),
  "mustard/microgreens": dense([800, 1400, 2200], [0.07, 0.9]),
  "gai-lan/leaf": plant([90, 200, 330], [0.9, 1.8, 3.3], [0.08, 0.75]),
  "ethiopian-kale/leaf": plant([90, 200, 330], [1.7, 3.4, 6], [0.08, 0.75]),
  "ethiopian-kale/baby-leaf": dense([600, 1200, 2000], [0.06, 0.85]),
  "mizuna/leaf": plant([90, 200, 330], [1.2, 2.4, 4.4], [0.08, 0.75]),
  "mizuna/baby-leaf": dense([600, 1200, 2000], [0.06, 0.85]),
  "rocket/leaf": plant([90, 200, 330], [0.9, 1.8, 3.3], [0.08, 0.75]),
  "rocket/baby-leaf": dense([600, 1200, 2000], [0.06, 0.85]),
  "kale/leaf": plant([900, 1600, 2700], [2.4, 4.5, 7.8], [0.14, 0.6], { dryMatter: "fooddata" }),
  "kale/baby-leaf": dense([600, 1200, 2000], [0.06, 0.85]),
  "kale/microgreens": dense([800, 1400, 2200], [0.07, 0.9]),
  "cabbage/compact": plant([750, 1400, 2000], [2, 4, 7], [0.08, 0.7], {
    closedKgM2: "nass",
    dryMatter: "fooddata",
  }),
  "cabbage/standard": plant([2400, 4000, 6500], [2.3, 4.5, 8], [0.08, 0.7], {
    closedKgM2: "nass",
    dryMatter: "fooddata",
  }),
  "cabbage/red": plant([1400, 2200, 3300], [2, 4, 7], [0.08, 0.7], {
    closedKgM2: "nass",
    dryMatter: "fooddata",
  }),
  "broccoli/head": plant([450, 750, 1200], [0.9, 1.8, 3.2], [0.11, 0.3], {
    closedKgM2: "nass",
    dryMatter: "fooddata",
  }),
  "broccoli/microgreens": dense([800, 1400, 2200], [0.07, 0.9]),
  "cauliflower/baby": plant([180, 330, 520], [1, 2, 3.6], [0.08, 0.45], {
    closedKgM2: "nass",
    dryMatter: "fooddata",
  }),
  "cauliflower/full": plant([600, 1200, 2100], [1.1, 2.2, 4], [0.08, 0.45], {
    closedKgM2: "nass",
    dryMatter: "fooddata",
  }),
  "kohlrabi/bulb": plant([180, 300, 450], [1.5, 3, 5.3], [0.08, 0.55]),
  "radish/root": plant([18, 30, 45], [0.7, 1.3, 2.3], [0.05, 0.7], {
    closedKgM2: "nass",
    dryMatter: "fooddata",
  }),
  "radish/microgreens": dense([800, 1400, 2200], [0.07, 0.9]),
  "radish/winter": plant([380, 750, 1400], [1.9, 3.8, 6.8], [0.05, 0.7], { dryMatter: "fooddata" }),
  "turnip/root": plant([60, 140, 220], [1.4, 2.8, 5], [0.1, 0.65]),
  "turnip/leaf": plant([90, 200, 330], [1.2, 2.4, 4.4], [0.08, 0.75]),
  "onion/sets": plant([90, 160, 270], [2.6, 5.2, 9], [0.11, 0.8], {
    closedKgM2: "nass",
    dryMatter: "fooddata",
  }),
  "onion/seed": plant([90, 160, 270], [2.6, 5.2, 9], [0.11, 0.8], {
    closedKgM2: "nass",
    dryMatter: "fooddata",
  }),
  "onion/spring": plant([15, 27, 42], [1.5, 3, 5.3], [0.09, 0.75]),
  "garlic/bulb": plant([45, 68, 100], [0.9, 1.8, 3.2], [0.41, 0.65], {
    closedKgM2: "nass",
    dryMatter: "fooddata",
  }),
  "garlic/green": plant([15, 27, 38], [1, 2, 3.6], [0.08, 0.75]),
  "leek/stem": plant([150, 260, 390], [1.7, 3.4, 6], [0.11, 0.7]),
  "carrot/root": plant([60, 100, 160], [2.2, 4.4, 7.8], [0.12, 0.7], {
    closedKgM2: "nass",
    dryMatter: "fooddata",
  }),
  "carrot/round": plant([30, 48, 68], [1.6, 3.2, 5.7], [0.12, 0.7], { dryMatter: "fooddata" }),
  "carrot/long": plant([100, 180, 270], [2.3, 4.6, 8.2], [0.12, 0.7], {
    closedKgM2: "nass",
    dryMatter: "fooddata",
  }),
  "beet/root": plant([120, 210, 330], [1.4, 2.8, 5], [0.13, 0.65], {
    closedKgM2: "nass",
    dryMatter: "fooddata",
  }),
  "beet/leaf": plant([90, 200, 330], [1.2, 2.4, 4.4], [0.08, 0.75]),
  "beet/baby-leaf": dense([600, 1200, 2000], [0.06, 0.85]),
  "parsnip/root": plant([140, 240, 390], [1.7, 3.4, 6], [0.1, 0.65]),
  "potato/tuber": plant([600, 1200, 2000], [2.4, 4.8, 8.5], [0.21, 0.85], {
    closedKgM2: "nass",
    dryMatter: "fooddata",
  }),
  "potato/early": plant([380, 680, 1000], [1.6, 3.2, 5.7], [0.21, 0.85], { dryMatter: "fooddata" }),
  "pea/pod": plant([90, 180, 300], [0.45, 0.9, 1.7], [0.15, 0.45], {
    closedKgM2: "nass",
    dryMatter: "fooddata",
  }),
  "pea/shoots": dense([1700, 2500, 3500], [0.09, 0.9]),
  "bush-bean/pod": plant([180, 380, 630], [0.5, 1, 1.9], [0.1, 0.45], {
    closedKgM2: "nass",
    dryMatter: "fooddata",
  }),
  "climbing-bean/pod": plant([380, 750, 1400], [0.9, 1.8, 3.4], [0.1, 0.45]),
  "long-bean/bush": plant([180, 380, 630], [0.5, 1, 1.9], [0.1, 0.45]),
  "long-bean/climbing": plant([450, 900, 1500], [0.9, 1.8, 3.4], [0.1, 0.45]),
  "sweet-corn/cob": plant([270, 450, 680], [0.8, 1.5, 2.7], [0.24, 0.5], {
    closedKgM2: "nass",
    dryMatter: "fooddata",
  }),
  "tomato/bush": plant([1400, 2700, 4500], [2, 4, 7], [0.055, 0.65], {
    closedKgM2: "nass",
    dryMatter: "fooddata",
  }),
  "tomato/cordon": plant([2700, 4800, 7500], [4, 8, 13.5], [0.055, 0.65], { dryMatter: "fooddata" }),
  "tomato/cherry": plant([750, 1400, 2200], [2, 4, 7], [0.055, 0.65], { dryMatter: "fooddata" }),
  "pepper/sweet": plant([750, 1400, 2400], [1.9, 3.7, 6.6], [0.07, 0.55], {
    closedKgM2: "nass",
    dryMatter: "fooddata",
  }),
  "pepper/hot": plant([220, 450, 860], [0.9, 1.8, 3.4], [0.07, 0.55], { dryMatter: "fooddata" }),
  "aubergine/fruit": plant([1400, 2400, 3900], [1.8, 3.5, 6.3], [0.08, 0.55]),
  "okra/pod": plant([380, 680, 1200], [0.6, 1.2, 2.2], [0.08, 0.55]),
  "cucumber/fruit": plant([2200, 4200, 6800], [1.8, 3.5, 6.3], [0.04, 0.65], {
    closedKgM2: "nass",
    dryMatter: "fooddata",
  }),
  "courgette/fruit": plant([3000, 5200, 9000], [1.5, 3, 5.5], [0.05, 0.6], {
    closedKgM2: "nass",
    dryMatter: "fooddata",
  }),
  "squash/fruit": plant([3000, 6000, 10000], [1.1, 2.2, 4], [0.08, 0.55]),
  "strawberry/june": plant([150, 300, 520], [0.8, 1.6, 2.9], [0.09, 0.5], {
    closedKgM2: "nass",
    dryMatter: "fooddata",
  }),
  "strawberry/everbearing": plant([180, 380, 680], [0.9, 1.8, 3.4], [0.09, 0.5], { dryMatter: "fooddata" }),
  "basil/leaf": plant([90, 180, 330], [1, 2, 3.6], [0.13, 0.65]),
  "basil/microgreens": dense([600, 1100, 1700], [0.07, 0.9]),
  "coriander/leaf": plant([15, 30, 52], [0.7, 1.4, 2.6], [0.08, 0.75]),
  "parsley/leaf": plant([90, 180, 330], [1.1, 2.2, 4], [0.12, 0.7], {
    closedKgM2: "nass",
    dryMatter: "fooddata",
  }),
  "mint/leaf": plant([90, 180, 330], [1, 2, 3.6], [0.13, 0.65]),
  "thyme/leaf": plant([38, 75, 140], [0.4, 0.8, 1.5], [0.13, 0.65]),
  "rosemary/leaf": plant([90, 180, 330], [0.4, 0.8, 1.5], [0.13, 0.65]),
  "chives/leaf": plant([90, 180, 330], [0.9, 1.8, 3.3], [0.13, 0.65]),
  "dill/leaf": plant([18, 33, 60], [0.6, 1.2, 2.2], [0.08, 0.75]),
  "fenugreek/leaf": dense([600, 1200, 2000], [0.06, 0.85]),
  "fenugreek/microgreens": dense([800, 1400, 2200], [0.07, 0.9]),
  "chamomile/flower": plant([9.0, 18, 34], [0.06, 0.12, 0.23], [0.15, 0.2]),
  "lavender/flower": uneaten,
  "marigold/flower": uneaten,
  "nasturtium/flower": uneaten,
  "viola/flower": uneaten,
  "trailing-petunia/flower": uneaten,
  "lemon/fruit": plant([2000, 4000, 7600], [0.9, 1.8, 3.4], [0.16, 0.4]),
  "fig/fruit": plant([750, 1500, 2800], [0.6, 1.2, 2.3], [0.16, 0.4]),
  "guava/fruit": plant([750, 1500, 2800], [0.8, 1.6, 3], [0.16, 0.4]),
  "blueberry/fruit": plant([600, 1200, 2300], [0.4, 0.8, 1.5], [0.16, 0.4]),
  "raspberry/fruit": plant([350, 700, 1300], [0.4, 0.8, 1.5], [0.16, 0.4]),
  "gooseberry/fruit": plant([750, 1500, 2800], [0.5, 0.9, 1.7], [0.16, 0.4]),
  "collard/leaf": plant([750, 1500, 2400], [2.2, 4.2, 7.4], [0.1, 0.6]),
  "chinese-cabbage/head": plant([700, 1200, 2000], [2.6, 5, 8.8], [0.055, 0.75]),
  "komatsuna/leaf": plant([90, 200, 330], [1.3, 2.6, 4.7], [0.07, 0.75]),
  "tatsoi/leaf": plant([90, 190, 320], [1.2, 2.4, 4.4], [0.07, 0.75]),
  "cowpea/leaf": plant([80, 170, 300], [1, 2, 3.6], [0.11, 0.6]),
  "spider-plant/leaf": plant([60, 130, 230], [0.9, 1.8, 3.3], [0.11, 0.6]),
  "pumpkin/tops": plant([400, 800, 1400], [1.2, 2.4, 4.4], [0.09, 0.5]),
  "leaf-celery/leaf": plant([90, 180, 320], [1.2, 2.4, 4.4], [0.09, 0.7]),
  "sunflower/shoots": dense([2000, 3000, 4200], [0.08, 0.9]),
  "bitter-gourd/fruit": plant([1100, 2200, 4000], [1, 2, 3.6], [0.07, 0.5]),
  "bottle-gourd/fruit": plant([3000, 6000, 10000], [1.4, 2.8, 5], [0.05, 0.55]),
  "ridge-gourd/fruit": plant([1500, 3000, 5400], [1, 2, 3.6], [0.06, 0.5]),
  "melon/fruit": plant([1500, 3000, 5000], [1.3, 2.5, 4.5], [0.1, 0.5]),
  "broad-bean/pod": plant([180, 380, 680], [0.8, 1.6, 2.9], [0.14, 0.45]),
  "runner-bean/pod": plant([500, 1000, 1800], [1, 2, 3.6], [0.1, 0.45]),
  "groundnut/pod": plant([60, 120, 220], [0.2, 0.4, 0.75], [0.65, 0.4]),
  "shallot/bulb": plant([80, 160, 280], [1.2, 2.4, 4.4], [0.16, 0.7]),
  "ginger/root": plant([200, 450, 780], [0.9, 1.8, 3.3], [0.19, 0.55]),
  "turmeric/root": plant([200, 450, 780], [0.9, 1.8, 3.3], [0.2, 0.55]),
  "taro/root": plant([600, 1200, 2200], [0.9, 1.8, 3.3], [0.28, 0.65]),
  "lemongrass/stem": plant([300, 600, 1100], [0.9, 1.8, 3.3], [0.25, 0.5]),
  "oregano/leaf": plant([80, 160, 300], [0.6, 1.2, 2.2], [0.2, 0.6]),
  "sage/leaf": plant([90, 180, 320], [0.5, 1, 1.8], [0.2, 0.6]),
  "pea/snow": plant([90, 170, 300], [0.5, 0.9, 1.7], [0.12, 0.4]),
  "pea/snap": plant([100, 190, 330], [0.5, 1, 1.9], [0.12, 0.4]),
};
