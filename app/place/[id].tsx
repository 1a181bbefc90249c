export { PlaceById as default } from "@/features/shell/places";
