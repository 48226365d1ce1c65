import { walkThrough } from "./walk";

walkThrough(390, 844);
