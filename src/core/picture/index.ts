export { fallLength, type Falling } from "./before-subject";
export type { PixelPoint, Plane, Smear } from "./raster";
export {
  displayBytes,
  renderPicture,
  type Layer,
  type Picture,
  type PictureInput,
  type Shape,
} from "./render";
export { deliveredPerPixel, pictureOf, roomAhead, type PictureAsked } from "./picture-of";
export type { Beside, FigurePiece, PieceLook } from "./figure-piece";
