/** What an animal is called, in English and by science. */
export interface AnimalName {
  readonly common: string;
  /** Genus and species, a genus or a family: as far as the row of the catalogue tells. */
  readonly scientific: string;
}

/**
 * Names of the animals of the catalogue by the beginning of their rows' ids; from memory. Where a row means a kind and no species, the
 * name is that of the family or genus: whoever knows the species writes it into the caption.
 */
// prettier-ignore
const NAMES: readonly (readonly [beginning: string, common: string, scientific: string])[] = [
  ["swan-", "mute swan", "Cygnus olor"],
  ["duck-", "mallard", "Anas platyrhynchos"],
  ["gull-", "gull", "Laridae"],
  ["harrier-", "harrier", "Circus"],
  ["tern-", "tern", "Sterna"],
  ["eagle-", "eagle", "Accipitridae"],
  ["buzzard-", "common buzzard", "Buteo buteo"],
  ["falcon-", "peregrine falcon", "Falco peregrinus"],
  ["kestrel-", "common kestrel", "Falco tinnunculus"],
  ["owl-", "owl", "Strigiformes"],
  ["heron-", "grey heron", "Ardea cinerea"],
  ["swallow-", "barn swallow", "Hirundo rustica"],
  ["kingfisher-", "common kingfisher", "Alcedo atthis"],
  ["tit-", "tit", "Paridae"],
  ["hummingbird-", "hummingbird", "Trochilidae"],
  ["gannet-", "northern gannet", "Morus bassanus"],
  ["puffin-", "Atlantic puffin", "Fratercula arctica"],
  ["osprey-", "osprey", "Pandion haliaetus"],
  ["raptor-", "bird of prey", "Accipitriformes"],
  ["coot-", "Eurasian coot", "Fulica atra"],
  ["goose-", "goose", "Anatidae"],
  ["grebe-", "great crested grebe", "Podiceps cristatus"],
  ["woodpecker-", "woodpecker", "Picidae"],
  ["wader-", "wader", "Charadriiformes"],
  ["roe-deer-", "roe deer", "Capreolus capreolus"],
  ["deer-", "red deer", "Cervus elaphus"],
  ["wild-boar", "wild boar", "Sus scrofa"],
  ["bear-", "brown bear", "Ursus arctos"],
  ["wolf-", "wolf", "Canis lupus"],
  ["fox-", "red fox", "Vulpes vulpes"],
  ["hare-", "European hare", "Lepus europaeus"],
  ["otter-", "Eurasian otter", "Lutra lutra"],
  ["seal", "seal", "Phocidae"],
  ["squirrel", "red squirrel", "Sciurus vulgaris"],
  ["rabbit-", "European rabbit", "Oryctolagus cuniculus"],
  ["hedgehog", "European hedgehog", "Erinaceus europaeus"],
  ["bat-flying", "bat", "Chiroptera"],
  ["monkey-", "monkey", "Simiiformes"],
  ["elephant-", "African bush elephant", "Loxodonta africana"],
  ["antelope-", "antelope", "Bovidae"],
  ["big-cat-", "big cat", "Panthera"],
  ["kangaroo-", "kangaroo", "Macropus"],
  ["dolphin-", "bottlenose dolphin", "Tursiops truncatus"],
  ["whale-", "whale", "Balaenopteridae"],
  ["badger", "European badger", "Meles meles"],
  ["butterfly-", "butterfly", "Lepidoptera"],
  ["dragonfly-", "dragonfly", "Anisoptera"],
  ["bee-flower", "bee", "Anthophila"],
  ["spider-", "garden spider", "Araneidae"],
  ["frog-", "frog", "Ranidae"],
  ["lizard-", "lizard", "Lacertidae"],
  ["snake-", "snake", "Serpentes"],
];

/** What the animal of a row of the catalogue is called; undefined for what is no animal, or of no one kind. */
export function animalName(subjectId: string): AnimalName | undefined {
  const row = NAMES.find(([beginning]) => subjectId.startsWith(beginning));
  return row && { common: row[1], scientific: row[2] };
}
