/** Does it fit? Crop and goal against bag, place and date: plants, sowing method, verdict, reasons and fixes. */
export { type Fit, fit, type FitQuestion, type Fix, lightGrade, type Note, surfaceFor } from "./fit";
export { type Grade, GRADES, type Limit } from "./limits";
export { chooseStart, type Start } from "./start";
export { type Hands, type MethodChoice, methodsFor, rankMethods } from "./method";
