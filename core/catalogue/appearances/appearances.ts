/**
 * What anybody sees of each group without knowing its name: its base, its leaves, its flower; and how common it is where orchids are
 * kept at home. All of it from memory. Roots and the way it creeps follow from the catalogue of genera.
 */
import { memory, type Sourced } from '../../base';

export const bases = ['one stem', 'tufts', 'bulbs', 'canes', 'chain', 'underground'] as const;
/** One stem with leaves left and right; tufts or fans without bulbs; bulbs; canes or reeds; a climbing chain; from the ground. */
export type Base = (typeof bases)[number];

export const leafKinds = [
  'broad and thick',
  'leathery strap',
  'thin and narrow',
  'soft and pleated',
  'round or stubby',
  'patterned',
] as const;
export type LeafKind = (typeof leafKinds)[number];

export const flowerKinds = [
  'flat, moth-like',
  'pouch',
  'frilled lip',
  'many small ones on a spray',
  'spidery',
  'pansy face',
  'tails or triangle',
  'waxy spray on a spike',
  'star',
  'hanging or hooded',
] as const;
export type FlowerKind = (typeof flowerKinds)[number];

export interface Appearance {
  readonly genusId: string;
  readonly bases: Sourced<readonly Base[]>;
  readonly leaves: Sourced<readonly LeafKind[]>;
  readonly flowers: Sourced<readonly FlowerKind[]>;
  /** Times as many are kept at home as of an uncommon group. */
  readonly timesAsCommon: Sourced<number>;
}

const of = (
  genusId: string,
  base: Base | readonly Base[],
  leaves: LeafKind | readonly LeafKind[],
  flowers: FlowerKind | readonly FlowerKind[],
  timesAsCommon = 1,
): Appearance => ({
  genusId,
  bases: memory([base].flat() as readonly Base[]),
  leaves: memory([leaves].flat() as readonly LeafKind[]),
  flowers: memory([flowers].flat() as readonly FlowerKind[]),
  timesAsCommon: memory(timesAsCommon),
});

const [broad, strap, thin, pleated, round, patterned] = leafKinds;
const [moth, pouch, frilled, spray, spidery, pansy, tails, waxy, star, hooded] = flowerKinds;

export const appearanceCatalogue: readonly Appearance[] = [
  of('cattleya-unifoliate', ['bulbs', 'canes'], [broad, strap], frilled, 6),
  of('cattleya-bifoliate', ['canes', 'bulbs'], broad, [frilled, star], 3),
  of('brassavola', ['bulbs', 'canes'], round, [star, frilled], 2),
  of('laelia-rupicolous', 'bulbs', [round, broad], star),
  of('epidendrum-reed', 'canes', [broad, strap], spray, 3),
  of('encyclia', 'bulbs', strap, [star, spray, hooded], 2),
  of('sophronitis', 'bulbs', broad, [frilled, moth]),
  of('psychopsis', 'bulbs', [patterned, broad], [spidery, star]),
  of('masdevallia', 'tufts', broad, tails, 3),
  of('restrepia', 'tufts', broad, [tails, star]),
  of('pleurothallis', 'tufts', [broad, thin], [spray, tails, star]),
  of('bulbophyllum', 'bulbs', broad, [spray, hooded, spidery, star], 2),
  of('coelogyne-cool', 'bulbs', [strap, thin], [frilled, star], 2),
  of('coelogyne-warm', 'bulbs', [pleated, strap], [frilled, hooded]),
  of('dendrochilum', 'bulbs', [thin, strap], [spray, hooded]),
  of('dendrobium-softcane', 'canes', [thin, strap], [moth, frilled], 5),
  of('dendrobium-hardcane', 'canes', [broad, strap], [moth, waxy], 6),
  of('dendrobium-kingianum', 'canes', [strap, broad], [spray, star], 3),
  of('dendrobium-formosae', 'canes', [strap, thin], [frilled, moth]),
  of('dendrobium-mini', ['tufts', 'canes', 'bulbs'], [thin, round], [star, moth]),
  of('dendrobium-pendent', 'canes', [thin, strap], [frilled, moth, hooded]),
  of('lepanthes', 'tufts', broad, [star, spray, tails]),
  of('paphiopedilum', 'tufts', [strap, patterned], pouch, 6),
  of('paphiopedilum-multifloral', 'tufts', strap, pouch, 2),
  of('phragmipedium', 'tufts', [strap, thin], pouch, 2),
  of('cypripedium', 'underground', pleated, pouch, 2),
  of('cymbidium', 'bulbs', [thin, strap], waxy, 6),
  of('cymbidium-warm', 'bulbs', [strap, thin], [waxy, hooded]),
  of('spathoglottis', 'underground', pleated, [waxy, spray], 2),
  of('calanthe-deciduous', 'bulbs', pleated, [spray, waxy]),
  of('calanthe-evergreen', ['bulbs', 'underground'], pleated, spray),
  of('bletilla', 'underground', pleated, [frilled, spray], 3),
  of('pleione', 'bulbs', pleated, frilled, 2),
  of('phaius', 'bulbs', pleated, [frilled, waxy]),
  of('ludisia', ['chain', 'one stem'], patterned, spray, 3),
  of('disa', 'underground', [thin, strap], [hooded, tails]),
  of('sobralia', 'canes', pleated, frilled),
  of('arundina', 'canes', thin, frilled),
  of('ansellia', 'canes', [strap, pleated], spray),
  of('grammatophyllum', ['bulbs', 'canes'], strap, [spray, waxy]),
  of('oncidium', 'bulbs', [thin, strap], [spray, star], 8),
  of('oncidium-equitant', 'tufts', round, [spray, moth]),
  of('miltoniopsis', 'bulbs', thin, pansy, 3),
  of('miltonia', 'bulbs', thin, [pansy, star]),
  of('brassia', 'bulbs', [strap, thin], spidery, 2),
  of('odontoglossum-cool', 'bulbs', [thin, strap], [spray, star, frilled]),
  of('zygopetalum', 'bulbs', [strap, thin], waxy, 3),
  of('lycaste', 'bulbs', pleated, [tails, hooded, waxy]),
  of('maxillaria', 'bulbs', [strap, thin], [star, spidery], 2),
  of('maxillaria-climbing', 'chain', thin, star),
  of('stanhopea', 'bulbs', pleated, hooded),
  of('catasetum', ['canes', 'bulbs'], pleated, [hooded, waxy, star]),
  of('huntleya', 'tufts', thin, [hooded, star, waxy]),
  of('trichopilia', 'bulbs', broad, frilled),
  of('rossioglossum', 'bulbs', [broad, strap], [waxy, spidery]),
  of('bifrenaria', 'bulbs', [broad, strap], [waxy, hooded]),
  of('phalaenopsis', 'one stem', broad, moth, 30),
  of('phalaenopsis-mini', 'one stem', broad, moth, 8),
  of('doritis', 'one stem', broad, [moth, spray]),
  of('vanda', 'one stem', strap, [moth, waxy], 4),
  of('ascocentrum', 'one stem', strap, spray),
  of('renanthera', 'one stem', strap, [spray, spidery]),
  of('rhynchostylis', 'one stem', strap, [waxy, hooded]),
  of('aerides', 'one stem', strap, [waxy, hooded]),
  of('neofinetia', ['one stem', 'tufts'], strap, [spidery, star]),
  of('angraecum', 'one stem', strap, star),
  of('aerangis', 'one stem', [broad, strap], [star, spray]),
  of('vanilla', 'chain', broad, frilled, 2),
  of('sarcochilus', 'one stem', [strap, thin], [spray, moth]),
  of('haraella', 'one stem', [broad, strap], [spray, star]),
];
