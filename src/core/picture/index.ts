export { coverage, disc, gauss, planeOf, smear, type PixelPoint, type Plane } from "./raster";
export {
  displayValue,
  renderPicture,
  type Layer,
  type PictureInput,
  type Smear,
  type Texture,
} from "./render";
export { deliveredPerPixel, pictureOf, type FigurePiece, type PictureAsked } from "./picture-of";
