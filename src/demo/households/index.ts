import type { DemoHousehold } from "../doorstep";
import { ashkettle } from "./ashkettle";
import { braskel } from "./braskel";
import { corrinder } from "./corrinder";
import { drummeld } from "./drummeld";
import { marrowby } from "./marrowby";
import { orvane } from "./orvane";
import { pellomy } from "./pellomy";
import { quillow } from "./quillow";
import { sorrowick } from "./sorrowick";
import { tellick } from "./tellick";
import { velshe } from "./velshe";
import { yarnbeck } from "./yarnbeck";

/** The twelve households of the demo programme, in the order of their numbers. Names, places and numbers are all made up. */
export const DEMO_HOUSEHOLDS: readonly DemoHousehold[] = [
  orvane,
  tellick,
  braskel,
  quillow,
  marrowby,
  velshe,
  corrinder,
  pellomy,
  ashkettle,
  drummeld,
  sorrowick,
  yarnbeck,
];
