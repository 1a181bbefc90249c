/** What computes a new outing, as one late module with the catalogue, loaded when one is planned. */
export { newOuting } from "@/outing/begin/new-outing";
