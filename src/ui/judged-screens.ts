"use client";

import dynamic from "next/dynamic";

/*
 * Screens that judge in the browser. The server draws them whole; their script, which holds the library and all that judges,
 * is fetched behind that of the frame, so that one can look at them, and go elsewhere, before it is there.
 */

export const Bench = dynamic(async () => (await import("./bench/bench")).Bench);

export const Match = dynamic(async () => (await import("./match/match")).Match);

export const OwnGarden = dynamic(async () => (await import("./garden/own-garden")).OwnGarden);

export const Days = dynamic(async () => (await import("./days/days")).Days);

export const Kit = dynamic(async () => (await import("./kit/kit")).Kit);

export const Steps = dynamic(async () => (await import("./steps/steps")).Steps);

export const Doorstep = dynamic(async () => (await import("./doorstep/doorstep")).Doorstep);
