/** How long does it take? Minutes of sowing, moving, picking and watering. */
export { MINUTES, startMinutes } from "./minutes";
