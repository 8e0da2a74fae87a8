/**
 * Where the recogniser's own files are served; with their version, so that browsers may keep them for good.
 */
export const RECOGNISE_PATH = "/recognise/7.0.0";
