/** What computes a new outing, as one late module with the catalogue, loaded when one is planned. */
export { catalogueOuting } from "@/outing/begin/of-catalogue";
export { newOuting } from "@/outing/begin/new-outing";
export { outingHere } from "@/outing/places/begin-here";
export { beginningOf, withList } from "@/outing/lists/beginning";
export { callsTold } from "@/outing/lists/calls";
