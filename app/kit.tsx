export { Kit as default } from "@/features/shell/places";
