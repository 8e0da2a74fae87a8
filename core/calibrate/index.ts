export { lengthFromSample, lengthFromWraps, classFromWraps } from "./unlabelled";
