/** How far the reading of a file is; `share` from 0 to 1, undefined while nobody knows. */
export type Progress = (at: { readonly what: string; readonly share: number | undefined }) => void;

/** A page of the source as she sees it beside the text; lengths in the unit of the words' places. */
export interface SourcePicture {
  /** An object URL of this browser; given back with `releasePictures`. */
  readonly url: string;
  readonly width: number;
  readonly height: number;
}

export const releasePictures = (pictures: readonly SourcePicture[]): void =>
  pictures.forEach((p) => URL.revokeObjectURL(p.url));
