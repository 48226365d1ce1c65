import { walkThrough } from "./walk";

walkThrough(1280, 800);
