"use client";

import { createContext, useContext } from "react";

/** Whether whoever looks sees the whole programme, or only what is a household's own. */
const SeesAll = createContext(true);
export const SeesAllProvider = SeesAll.Provider;

/** Whether to offer what only those come to who see the whole programme. */
export const useSeesAll = (): boolean => useContext(SeesAll);
