export { fallLength, type Falling } from "./before-subject";
export type { PixelPoint, Plane } from "./raster";
export {
  displayBytes,
  renderPicture,
  type Layer,
  type Picture,
  type PictureInput,
  type Smear,
  type Texture,
} from "./render";
export {
  deliveredPerPixel,
  pictureOf,
  roomAhead,
  type FigurePiece,
  type PictureAsked,
  type PieceLook,
} from "./picture-of";
