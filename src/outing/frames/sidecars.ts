import { stemOf } from "@/core/review";

interface Named {
  /** With its folders, parted by "/". */
  readonly name: string;
}

const folderOf = (name: string): string => name.slice(0, name.lastIndexOf("/") + 1);

/** The name of the sidecar that is new beside a picture. */
export const sidecarName = (picture: string): string => `${picture.replace(/\.[^./]+$/, "")}.xmp`;

/** The sidecar that lies beside a picture: in its folder, of its name without its ending, or with it. */
export const sidecarBeside = <One extends Named>(
  picture: string,
  sidecars: readonly One[],
): One | undefined =>
  sidecars.find(
    ({ name }) =>
      folderOf(name) === folderOf(picture) &&
      (stemOf(name) === stemOf(picture) || name.toLowerCase() === `${picture}.xmp`.toLowerCase()),
  );
