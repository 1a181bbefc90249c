export { readFile, readsBackWhole, type FileContents, type FileRead } from "./any-file";
export { everythingInFile, type OnProgress } from "./everything-file";
export {
  importWrite,
  previewImport,
  type ImportChoices,
  type ImportPreview,
  type ImportRow,
  type Mine,
} from "./import";
export { jsonFile, jsonText } from "./json-file";
export { outingInFile, pictureName, readOutingFile, type FilePicture, type OutingFile } from "./outing-file";
