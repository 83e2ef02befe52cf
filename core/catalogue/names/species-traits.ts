/**
 * What differs in a species from the group it grows like, where it changes how it is potted, watered or rested. A species that is not
 * here grows as its group does, as far as is known. From memory of growers' books and floras, all of it.
 */
import { memory, type Sourced } from '../../base';
import type { Genus } from '../genera';

/** Traits in which a species may differ from its group. */
export type SpeciesDiffers = Partial<
  Pick<
    Genus,
    | 'airNeed'
    | 'cover'
    | 'heightCm'
    | 'leafAreaPerShootCm2'
    | 'light'
    | 'lime'
    | 'onMount'
    | 'regime'
    | 'rest'
    | 'rhizomeStepCm'
    | 'rootThickestMm'
    | 'rootThinnestMm'
    | 'saltTolerance'
    | 'temperature'
  >
>;

export interface SpeciesTraits {
  readonly genus: string;
  readonly epithets: readonly string[];
  readonly differs: Sourced<SpeciesDiffers>;
}

function of(genus: string, epithets: string, differs: SpeciesDiffers): SpeciesTraits {
  return { genus, epithets: epithets.split(' '), differs: memory(differs) };
}

const singleStems: readonly SpeciesTraits[] = [
  of('Phalaenopsis', 'lowii', { rest: 'dry winter' }),
  of('Phalaenopsis', 'wilsonii honghenensis stobartiana braceana taenialis hainanensis japonica', {
    rest: 'drier winter',
    temperature: 'intermediate',
  }),
  of('Phalaenopsis', 'violacea bellina', { regime: 'evenly moist' }),
  of('Phalaenopsis', 'lindenii', { temperature: 'intermediate' }),
  of('Phalaenopsis', 'gigantea', { leafAreaPerShootCm2: 1200 }),
  of('Vanda', 'coerulea', { rest: 'drier winter', temperature: 'intermediate', light: 'bright' }),
  of('Vanda', 'coerulescens denisoniana', { rest: 'drier winter', temperature: 'intermediate', heightCm: 30 }),
  of('Vanda', 'cristata alpina pumila', {
    rest: 'drier winter',
    temperature: 'intermediate',
    light: 'bright',
    heightCm: 20,
    rootThinnestMm: 3.5,
    rootThickestMm: 6,
    leafAreaPerShootCm2: 150,
  }),
  of('Vanda', 'ampullacea', { rest: 'drier winter', temperature: 'intermediate' }),
  of('Rhynchostylis', 'gigantea coelestis retusa', { rest: 'drier winter' }),
  of('Aerides', 'odorata lawrenceae quinquevulnera', { rest: 'none' }),
  of('Renanthera', 'imschootiana', { temperature: 'intermediate', heightCm: 45, rest: 'drier winter' }),
  of('Renanthera', 'monachica bella', { heightCm: 40 }),
  of('Angraecum', 'didieri compactum rutenbergianum urschianum obesum', {
    heightCm: 12,
    rootThinnestMm: 2.5,
    rootThickestMm: 5,
    leafAreaPerShootCm2: 80,
  }),
  of('Angraecum', 'distichum', {
    heightCm: 12,
    rootThinnestMm: 1,
    rootThickestMm: 2,
    leafAreaPerShootCm2: 40,
    regime: 'evenly moist',
    light: 'shade',
  }),
  of('Angraecum', 'germinyanum calceolus', { regime: 'evenly moist', rootThinnestMm: 2.5, rootThickestMm: 5 }),
  of('Angraecum', 'magdalenae sororium protensum', { rest: 'drier winter', light: 'bright' }),
  of('Angraecum', 'eburneum superbum', {
    heightCm: 90,
    light: 'bright',
    leafAreaPerShootCm2: 1200,
    temperature: 'warm',
  }),
  of('Angraecum', 'sesquipedale', { heightCm: 60, temperature: 'warm' }),
  of('Aerangis', 'fastuosa', { temperature: 'cool' }),
  of('Aerangis', 'citrata luteoalba', { regime: 'evenly moist' }),
  of('Aerangis', 'biloba', { temperature: 'warm' }),
  of('Sarcochilus', 'falcatus olivaceus hillii australis', {
    rootThinnestMm: 1.5,
    rootThickestMm: 2.5,
    onMount: 'well',
    cover: 'refuses cover',
  }),
  of('Chiloschista', 'lunifera parishii pusilla viridiflava', { rest: 'drier winter', temperature: 'warm' }),
  of('Trichoglottis', 'atropurpurea brachiata philippinensis', {
    heightCm: 45,
    temperature: 'warm',
    light: 'bright',
    rootThinnestMm: 3,
    rootThickestMm: 5,
    leafAreaPerShootCm2: 150,
  }),
  of('Ceratostylis', 'retisquama rubra', {
    regime: 'evenly moist',
    rootThinnestMm: 0.8,
    rootThickestMm: 1.5,
    rhizomeStepCm: 1,
    heightCm: 15,
    cover: 'takes cover',
  }),
];

const cattleyaKin: readonly SpeciesTraits[] = [
  of('Cattleya', 'dowiana lawrenceana', { temperature: 'warm' }),
  of('Cattleya', 'luteola', {
    temperature: 'warm',
    heightCm: 12,
    rootThinnestMm: 1.5,
    rootThickestMm: 3,
    leafAreaPerShootCm2: 40,
  }),
  of('Cattleya', 'pumila praestans dayana alaorii jongheana', {
    heightCm: 15,
    rootThinnestMm: 1.5,
    rootThickestMm: 3.5,
    leafAreaPerShootCm2: 50,
  }),
  of('Cattleya', 'sincorana', { rest: 'short and bright', heightCm: 15, leafAreaPerShootCm2: 40, onMount: 'well' }),
  of('Cattleya', 'purpurata', { heightCm: 55, leafAreaPerShootCm2: 250 }),
  of('Cattleya', 'walkeriana', {
    rest: 'short and bright',
    temperature: 'intermediate',
    heightCm: 15,
    leafAreaPerShootCm2: 50,
    cover: 'refuses cover',
  }),
  of('Cattleya', 'nobilior', { rest: 'dry winter', heightCm: 15, leafAreaPerShootCm2: 50, cover: 'refuses cover' }),
  of('Cattleya', 'aclandiae', { heightCm: 12, leafAreaPerShootCm2: 40, cover: 'refuses cover' }),
  of('Cattleya', 'intermedia loddigesii harrisoniana forbesii bicolor', { temperature: 'intermediate' }),
  of('Cattleya', 'amethystoglossa guttata tigrina', { heightCm: 90, leafAreaPerShootCm2: 250 }),
  of('Guarianthe', 'skinneri patinii deckeri guatemalensis', { rest: 'dry winter', temperature: 'intermediate' }),
  of('Guarianthe', 'bowringiana', { temperature: 'intermediate', heightCm: 65 }),
  of('Guarianthe', 'aurantiaca', { temperature: 'intermediate', heightCm: 30, rest: 'dry winter' }),
  of('Laelia', 'anceps', { temperature: 'adaptable', onMount: 'well' }),
  of('Laelia', 'albida autumnalis furfuracea gouldiana eyermaniana', {
    temperature: 'cool',
    rest: 'dry winter',
    onMount: 'well',
  }),
  of('Laelia', 'speciosa', {
    temperature: 'cool',
    rest: 'dry winter',
    onMount: 'well',
    heightCm: 18,
    leafAreaPerShootCm2: 50,
  }),
  of('Laelia', 'rubescens', {
    temperature: 'warm',
    rest: 'dry winter',
    onMount: 'well',
    heightCm: 20,
    leafAreaPerShootCm2: 60,
  }),
  of('Laelia', 'superbiens', { heightCm: 80, rest: 'dry winter', light: 'sun' }),
  of('Rhyncholaelia', 'digbyana glauca', { rest: 'dry winter', light: 'sun', leafAreaPerShootCm2: 80 }),
  of('Cattleya', 'cernua', { temperature: 'intermediate', light: 'bright' }),
  of('Prosthechea', 'citrina', { rest: 'dry winter', temperature: 'cool', cover: 'refuses cover' }),
  of('Prosthechea', 'mariae karwinskii', { rest: 'dry winter' }),
  of('Prosthechea', 'vitellina', {
    rest: 'drier winter',
    temperature: 'cool',
    regime: 'wet-dry',
    light: 'bright shade',
  }),
  of('Prosthechea', 'cochleata radiata fragrans', { rest: 'none', temperature: 'adaptable', regime: 'wet-dry' }),
  of('Epidendrum', 'medusae porpax peperomia', {
    rest: 'none',
    regime: 'evenly moist',
    light: 'bright shade',
    heightCm: 12,
    leafAreaPerShootCm2: 40,
  }),
  of('Epidendrum', 'pseudepidendrum ilense', { rest: 'none', regime: 'wet-dry', heightCm: 60, light: 'bright shade' }),
  of('Dinema', 'polybulbos', {
    rest: 'none',
    regime: 'wet-dry',
    heightCm: 6,
    leafAreaPerShootCm2: 6,
    light: 'bright shade',
  }),
  of('Leptotes', 'bicolor bohnkiana pauloensis tenuis unicolor', {
    rest: 'drier winter',
    heightCm: 9,
    leafAreaPerShootCm2: 6,
    light: 'bright shade',
  }),
  of('Broughtonia', 'cubensis domingensis lindenii negrilensis ortgiesiana sanguinea', {
    temperature: 'warm',
    cover: 'refuses cover',
    heightCm: 20,
  }),
  of(
    'Barkeria',
    'dorotheae lindleyana melanocaulon naevosa obovata palmeri scandens shoemakeri skinneri spectabilis uniflora whartoniana',
    {
      rest: 'leafless and dry',
      cover: 'refuses cover',
      rootThinnestMm: 3,
      rootThickestMm: 5,
    },
  ),
  of('Myrmecophila', 'brysiana exaltata grandiflora humboldtii thomsoniana tibicinis wendlandii', {
    temperature: 'warm',
    light: 'sun',
    rest: 'dry winter',
    heightCm: 60,
    leafAreaPerShootCm2: 250,
    rootThinnestMm: 3,
    rootThickestMm: 5,
  }),
];

const oncidiumKin: readonly SpeciesTraits[] = [
  of('Oncidium', 'ornithorhynchum sotoanum', {
    heightCm: 22,
    rootThinnestMm: 0.4,
    rootThickestMm: 1,
    leafAreaPerShootCm2: 70,
    regime: 'evenly moist',
    rest: 'none',
  }),
  of('Oncidium', 'cheirophorum', {
    temperature: 'cool',
    heightCm: 15,
    rootThinnestMm: 0.4,
    rootThickestMm: 0.9,
    leafAreaPerShootCm2: 40,
    regime: 'evenly moist',
  }),
  of('Oncidium', 'sphacelatum altissimum baueri', {
    heightCm: 70,
    leafAreaPerShootCm2: 400,
    rhizomeStepCm: 4,
    light: 'bright',
  }),
  of('Oncidium', 'tigrinum incurvum', { temperature: 'cool' }),
  of('Trichocentrum', 'cebolleta ascendens jonesianum stramineum microchilum', {
    regime: 'fast wet-dry',
    rest: 'dry winter',
    light: 'bright',
    onMount: 'well',
    cover: 'refuses cover',
    rootThinnestMm: 1.2,
    rootThickestMm: 2.5,
    temperature: 'warm',
  }),
  of('Trichocentrum', 'lanceanum luridum carthagenense splendidum cavendishianum', {
    regime: 'fast wet-dry',
    light: 'bright',
    onMount: 'well',
    rootThinnestMm: 1.2,
    rootThickestMm: 2.5,
    temperature: 'warm',
  }),
  of('Rhynchostele', 'bictoniensis cordata maculata majalis', { temperature: 'cool' }),
  of('Aspasia', 'epidendroides lunata principissa variegata', {
    temperature: 'warm',
    regime: 'evenly moist',
    heightCm: 25,
  }),
  of('Comparettia', 'coccinea falcata ignea macroplectron speciosa', {
    regime: 'evenly moist',
    light: 'bright shade',
    temperature: 'intermediate',
  }),
  of('Rodriguezia', 'bracteata candida decora lanceolata secunda venusta', {
    regime: 'wet-dry',
    light: 'bright shade',
    temperature: 'intermediate',
    heightCm: 18,
  }),
  of('Cuitlauzina', 'pendula', { rest: 'dry winter', light: 'bright' }),
  of('Rhynchostele', 'cervantesii rossii stellata ehrenbergii', {
    rest: 'drier winter',
    heightCm: 15,
    leafAreaPerShootCm2: 40,
  }),
  of('Cyrtochilum', 'edwardii macranthum loxense serratum', {
    heightCm: 70,
    leafAreaPerShootCm2: 400,
    rhizomeStepCm: 4,
  }),
  of('Zygopetalum', 'maxillare', { onMount: 'well', rhizomeStepCm: 5, heightCm: 25 }),
  of('Promenaea', 'guttata ovatiloba rollissonii stapelioides xanthina', {
    heightCm: 10,
    rootThinnestMm: 0.8,
    rootThickestMm: 1.5,
    rhizomeStepCm: 0.8,
    leafAreaPerShootCm2: 25,
    light: 'shade',
  }),
  of('Lycaste', 'skinneri virginalis', { rest: 'drier winter' }),
  of('Lycaste', 'aromatica cruenta deppei consobrina cochleata', { temperature: 'intermediate' }),
  of('Ida', 'ciliata costata fimbriata locusta', { rest: 'drier winter' }),
  of('Maxillaria', 'tenuifolia', { rhizomeStepCm: 3.5, temperature: 'adaptable', light: 'bright' }),
  of('Maxillaria', 'sophronitis', {
    heightCm: 5,
    temperature: 'cool',
    regime: 'evenly moist',
    leafAreaPerShootCm2: 5,
    rest: 'none',
  }),
  of('Maxillaria', 'grandiflora sanderiana', {
    heightCm: 45,
    temperature: 'cool',
    rest: 'none',
    leafAreaPerShootCm2: 200,
  }),
  of(
    'Gongora',
    'armeniaca atropurpurea bufonia cassidea fulva galeata histrionica horichiana leucochila maculata pleiochroma quinquenervis rufescens scaphephorus truncata unicolor',
    { regime: 'evenly moist', light: 'shade', leafAreaPerShootCm2: 300 },
  ),
  of('Coryanthes', 'elegantium leucocorys macrantha maculata picturata speciosa', {
    temperature: 'warm',
    regime: 'evenly moist',
  }),
  of('Peristeria', 'elata', { heightCm: 90, rest: 'drier winter', temperature: 'warm', leafAreaPerShootCm2: 1200 }),
  of('Kefersteinia', 'graminea lojae mystacina tolimensis', {
    heightCm: 15,
    leafAreaPerShootCm2: 60,
    rootThickestMm: 1.6,
  }),
];

const dendrobiumKin: readonly SpeciesTraits[] = [
  of('Dendrobium', 'chrysotoxum densiflorum farmeri thyrsiflorum griffithianum amabile palpebrae harveyanum sulcatum', {
    rest: 'drier winter',
  }),
  of('Dendrobium', 'lindleyi', { heightCm: 12, leafAreaPerShootCm2: 25, onMount: 'well', cover: 'refuses cover' }),
  of('Dendrobium', 'jenkinsii', { heightCm: 5, leafAreaPerShootCm2: 6, onMount: 'well', cover: 'refuses cover' }),
  of('Dendrobium', 'nobile wardianum', { temperature: 'cool' }),
  of('Dendrobium', 'moniliforme', { temperature: 'cool', heightCm: 25, leafAreaPerShootCm2: 40 }),
  of('Dendrobium', 'falconeri', {
    temperature: 'cool',
    onMount: 'well',
    cover: 'refuses cover',
    leafAreaPerShootCm2: 40,
  }),
  of('Dendrobium', 'fimbriatum moschatum', { heightCm: 120, rest: 'drier winter', leafAreaPerShootCm2: 300 }),
  of('Dendrobium', 'chrysanthum', { heightCm: 120, temperature: 'cool' }),
  of('Dendrobium', 'unicum senile capillipes', { heightCm: 18, leafAreaPerShootCm2: 25, onMount: 'well' }),
  of('Dendrobium', 'canaliculatum', {
    rest: 'dry winter',
    heightCm: 25,
    onMount: 'well',
    cover: 'refuses cover',
    leafAreaPerShootCm2: 40,
  }),
  of('Dendrobium', 'antennatum stratiotes lasianthera conanthum taurinum', { rest: 'none', heightCm: 90 }),
  of('Dendrobium', 'discolor nindii', { heightCm: 150, light: 'sun', leafAreaPerShootCm2: 400 }),
  of('Dendrobium', 'speciosum', { heightCm: 55, rootThickestMm: 4, leafAreaPerShootCm2: 250 }),
  of('Dendrobium', 'falcorostrum', { temperature: 'cool', rest: 'drier winter' }),
  of('Dendrobium', 'tetragonum', { onMount: 'well', rest: 'drier winter', light: 'bright shade' }),
  of('Dockrillia', 'cucumerina linguiformis pugioniformis striolata teretifolia wassellii', {
    regime: 'fast wet-dry',
    rest: 'drier winter',
    onMount: 'well',
    cover: 'refuses cover',
    heightCm: 15,
    leafAreaPerShootCm2: 20,
  }),
  of('Dendrobium', 'bellatulum', {
    heightCm: 8,
    rest: 'dry winter',
    light: 'bright',
    onMount: 'well',
    leafAreaPerShootCm2: 20,
  }),
  of('Dendrobium', 'infundibulum', { temperature: 'cool' }),
  of('Dendrobium', 'formosum cruentum', { temperature: 'warm' }),
  of('Dendrobium', 'dearei sanderae', { temperature: 'warm', rest: 'none' }),
  of('Dendrobium', 'cariniferum', { rest: 'dry winter' }),
  of('Dendrobium', 'victoriae-reginae', { heightCm: 35, leafAreaPerShootCm2: 60, rootThickestMm: 1.4 }),
  of('Dendrobium', 'bracteosum goldschmidtianum pseudoglomeratum', {
    heightCm: 40,
    temperature: 'warm',
    leafAreaPerShootCm2: 80,
    rootThickestMm: 1.6,
  }),
  of('Dendrobium', 'loddigesii', {
    heightCm: 15,
    rest: 'dry winter',
    temperature: 'intermediate',
    leafAreaPerShootCm2: 25,
  }),
  of('Dendrobium', 'devonianum', { temperature: 'intermediate' }),
  of('Coelogyne', 'cristata nitida ochracea corymbosa', { rest: 'dry winter' }),
  of('Coelogyne', 'mooreana', { rest: 'none' }),
  of('Coelogyne', 'fimbriata ovalis', {
    temperature: 'adaptable',
    rhizomeStepCm: 4,
    heightCm: 15,
    leafAreaPerShootCm2: 40,
  }),
  of('Coelogyne', 'flaccida', { temperature: 'intermediate' }),
  of('Coelogyne', 'tomentosa massangeana dayana', { temperature: 'intermediate' }),
  of('Coelogyne', 'pandurata', { rhizomeStepCm: 8, leafAreaPerShootCm2: 400 }),
  of('Bulbophyllum', 'ambrosia odoratissimum careyanum', { temperature: 'intermediate', rest: 'drier winter' }),
  of('Bulbophyllum', 'fletcherianum', { heightCm: 80, leafAreaPerShootCm2: 700, rootThickestMm: 2.2 }),
  of('Bulbophyllum', 'echinolabium lobbii', { heightCm: 30, rootThickestMm: 2 }),
  of('Masdevallia', 'infracta floribunda', { temperature: 'intermediate' }),
  of('Masdevallia', 'coccinea davisii', { heightCm: 30, light: 'bright shade' }),
  of(
    'Dracula',
    'amaliae bella benedictii chestertonii chimaera cordobae diana erythrochaete felix gigas gorgona lotax polyphemus psittacina robledorum simia sodiroi tubeana vampira velutina vespertilio wallisii',
    { heightCm: 25, leafAreaPerShootCm2: 110 },
  ),
  of('Acianthera', 'circumplexa johnsonii luteola pubescens recurva saurocephala sonderana strupifolia', {
    temperature: 'intermediate',
    light: 'bright shade',
  }),
  of('Specklinia', 'corniculata dunstervillei grobyi marginata tribuloides endotrachys', {
    temperature: 'intermediate',
    heightCm: 6,
  }),
];

const groundOrchids: readonly SpeciesTraits[] = [
  of('Paphiopedilum', 'bellatulum concolor niveum godefroyae leucochilum', {
    lime: 'wants lime',
    temperature: 'warm',
    rest: 'drier winter',
    light: 'bright shade',
    regime: 'nearly dry',
    heightCm: 10,
    leafAreaPerShootCm2: 90,
  }),
  of('Paphiopedilum', 'armeniacum micranthum malipoense', {
    lime: 'wants lime',
    temperature: 'cool',
    rest: 'drier winter',
  }),
  of('Paphiopedilum', 'emersonii hangianum', { lime: 'wants lime' }),
  of('Paphiopedilum', 'delenatii', { lime: 'hates lime' }),
  of('Paphiopedilum', 'insigne charlesworthii spicerianum fairrieanum barbigerum helenae henryanum', {
    lime: 'wants lime',
    temperature: 'cool',
    rest: 'drier winter',
  }),
  of('Paphiopedilum', 'exul', { lime: 'wants lime', temperature: 'warm' }),
  of('Paphiopedilum', 'hirsutissimum esquirolei', { lime: 'wants lime', temperature: 'cool' }),
  of('Paphiopedilum', 'boxallii gratrixianum', { temperature: 'cool', rest: 'drier winter' }),
  of('Paphiopedilum', 'barbatum callosum lawrenceanum hookerae dayanum', { temperature: 'warm' }),
  of('Paphiopedilum', 'philippinense stonei sanderianum supardii', { lime: 'wants lime' }),
  of('Paphiopedilum', 'dianthum', { lime: 'wants lime', temperature: 'intermediate' }),
  of('Paphiopedilum', 'parishii lowii haynaldianum', { temperature: 'intermediate', rest: 'drier winter' }),
  of('Paphiopedilum', 'glaucophyllum liemianum moquetteanum primulinum victoria-mariae victoria-regina', {
    heightCm: 25,
    leafAreaPerShootCm2: 220,
  }),
  of('Phragmipedium', 'besseae dalessandroi schlimii fischeri', {
    lime: 'hates lime',
    heightCm: 30,
    leafAreaPerShootCm2: 180,
  }),
  of('Phragmipedium', 'kovachii', { lime: 'wants lime', temperature: 'cool' }),
  of('Phragmipedium', 'caudatum warszewiczianum lindenii humboldtii popowii wallisii', {
    regime: 'wet-dry',
    light: 'bright',
  }),
  of('Cypripedium', 'calceolus reginae', { lime: 'wants lime' }),
  of('Cypripedium', 'acaule', { lime: 'hates lime' }),
  of('Cymbidium', 'ensifolium sinense', {
    temperature: 'intermediate',
    heightCm: 45,
    leafAreaPerShootCm2: 200,
    light: 'bright shade',
  }),
  of('Cymbidium', 'goeringii faberi kanran', {
    temperature: 'cool',
    rest: 'drier winter',
    heightCm: 35,
    leafAreaPerShootCm2: 130,
    light: 'bright shade',
  }),
  of('Cymbidium', 'lowianum tracyanum hookerianum insigne erythraeum eburneum iridioides', { temperature: 'cool' }),
  of('Cymbidium', 'devonianum tigrinum floribundum', { heightCm: 30, leafAreaPerShootCm2: 200 }),
  of('Cymbidium', 'canaliculatum', { rest: 'dry winter', light: 'sun' }),
  of('Cymbidium', 'dayanum', { temperature: 'intermediate', light: 'bright shade' }),
  of('Calanthe', 'discolor sieboldii hancockii tricarinata nipponica puberula reflexa', { temperature: 'cool' }),
  of('Calanthe', 'triplicata', { temperature: 'warm' }),
  of('Spathoglottis', 'plicata unguiculata vanoverberghii kimballiana', { rest: 'none' }),
  of('Spathoglottis', 'affinis pubescens', { rest: 'leafless and dry' }),
  of('Pleione', 'limprichtii', { temperature: 'hardy' }),
  of('Phaius', 'flavus mishmensis', { temperature: 'intermediate' }),
  of('Gastrorchis', 'francoisii humblotii pulchra tuberculosa', {
    temperature: 'intermediate',
    heightCm: 45,
    leafAreaPerShootCm2: 300,
  }),
  of('Macodes', 'petola sanderiana', { heightCm: 8, rootThinnestMm: 1.5, rootThickestMm: 2.5 }),
  of('Anoectochilus', 'burmannicus chapaensis formosanus roxburghii setaceus', {
    heightCm: 8,
    rootThinnestMm: 1.2,
    rootThickestMm: 2.2,
    leafAreaPerShootCm2: 40,
  }),
  of('Goodyera', 'repens', { temperature: 'hardy', lime: 'hates lime', heightCm: 8 }),
  of('Goodyera', 'pubescens schlechtendaliana', { temperature: 'hardy', heightCm: 10 }),
  of('Disa', 'aurata cardinalis caulescens racemosa tripetaloides uniflora venosa', { lime: 'hates lime' }),
  of('Grammatophyllum', 'speciosum', { heightCm: 200, leafAreaPerShootCm2: 3000, rootThickestMm: 6 }),
  of('Grammatophyllum', 'stapeliiflorum', { heightCm: 45, leafAreaPerShootCm2: 300, light: 'bright shade' }),
];

export const speciesTraits: readonly SpeciesTraits[] = [
  ...singleStems,
  ...cattleyaKin,
  ...oncidiumKin,
  ...dendrobiumKin,
  ...groundOrchids,
];
