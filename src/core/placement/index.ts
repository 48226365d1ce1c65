/** Where does each plant stand in a bag? Even positions on tops, along edges and among side holes. */
export { placeAmong, spread } from "./among";
export { distanceBetween, placeAround } from "./around";
export { placeAlongEdge } from "./edge";
export { type Half, halfCapacity, HALVES, inHalf, otherHalf, partingRadius, placeHalf } from "./half";
export { crownM2, LEAN_CM, type Part, soilShare } from "./part";
export { capacity, placeTop } from "./place";
export { leastDistance, type Point } from "./region";
export { placeSides, type SidePoint } from "./sides";
export { whereOf } from "./where";
