/** Species of Oncidium and its kin, and of the larger bulbous genera of the Americas. */
import { speciesOf } from './species-of';

export const oncidiumKin = [
  ...speciesOf(
    'oncidium',
    'Oncidium',
    'altissimum ampliatum ansiferum baueri bracteatum cariniferum cheirophorum fuscatum graminifolium hastatum hastilabium incurvum isthmi leucochilum maculatum obryzatum ornithorhynchum planilabre poikilostalix reflexum sotoanum sphacelatum stenotis tigrinum unguiculatum wentworthianum',
  ),
  ...speciesOf(
    'oncidium',
    'Gomesa',
    'bifolia concolor crispa curtum enderiana flexuosa forbesii gardneri imperatoris-maximiliani recurva sarcodes varicosa',
    ['Oncidium'],
  ),
  ...speciesOf(
    'oncidium',
    'Trichocentrum',
    'ascendens carthagenense cavendishianum cebolleta jonesianum lanceanum luridum microchilum pulchrum splendidum stramineum tigrinum',
    ['Oncidium', 'Lophiaris'],
  ),
  ...speciesOf('oncidium', 'Rhynchostele', 'bictoniensis cordata maculata majalis', ['Lemboglossum', 'Odontoglossum']),
  ...speciesOf('oncidium', 'Aspasia', 'epidendroides lunata principissa variegata'),
  ...speciesOf(
    'oncidium-equitant',
    'Tolumnia',
    'bahamensis guianensis henekenii lucayana prionochila pulchella quadriloba scandens sylvestris triquetra urophylla variegata velutina',
    ['Oncidium'],
  ),
  ...speciesOf('oncidium-equitant', 'Ionopsis', 'paniculata utricularioides'),
  ...speciesOf('oncidium-equitant', 'Comparettia', 'coccinea falcata ignea macroplectron speciosa'),
  ...speciesOf('oncidium-equitant', 'Rodriguezia', 'bracteata candida decora lanceolata secunda venusta'),
  ...speciesOf('psychopsis', 'Psychopsis', 'krameriana papilio sanderae versteegiana', ['Oncidium']),
  ...speciesOf('miltoniopsis', 'Miltoniopsis', 'bismarckii phalaenopsis roezlii santanaei vexillaria warscewiczii', [
    'Miltonia',
  ]),
  ...speciesOf(
    'miltonia',
    'Miltonia',
    'candida clowesii cuneata flavescens kayasimae moreliana phymatochila regnellii russelliana spectabilis',
  ),
  ...speciesOf(
    'brassia',
    'Brassia',
    'arachnoidea arcuigera aurantiaca brachiata caudata chloroleuca gireoudiana keiliana lanceana lawrenceana longissima maculata rex signata verrucosa wageneri',
  ),
  ...speciesOf(
    'odontoglossum-cool',
    'Oncidium',
    'alexandrae blandum cirrhosum constrictum crocidipterum cristatum epidendroides gloriosum hallii harryanum kegeljani luteopurpureum naevium nobile noezlianum odoratum pescatorei sceptrum spectatissimum wyattianum',
    ['Odontoglossum', 'Cochlioda'],
  ),
  ...speciesOf('odontoglossum-cool', 'Cyrtochilum', 'edwardii falcipetalum loxense macranthum meirax serratum', [
    'Oncidium',
  ]),
  ...speciesOf('odontoglossum-cool', 'Rhynchostele', 'cervantesii ehrenbergii rossii stellata', [
    'Lemboglossum',
    'Odontoglossum',
  ]),
  ...speciesOf('odontoglossum-cool', 'Cuitlauzina', 'candida convallarioides egertonii pendula pulchella', [
    'Osmoglossum',
    'Odontoglossum',
  ]),
  ...speciesOf(
    'rossioglossum',
    'Rossioglossum',
    'ampliatum grande insleayi krameri schlieperianum splendens williamsianum',
    ['Odontoglossum'],
  ),
  ...speciesOf(
    'zygopetalum',
    'Zygopetalum',
    'brachypetalum crinitum maculatum maxillare pabstii pedicellatum reginae triste',
  ),
  ...speciesOf('zygopetalum', 'Promenaea', 'guttata ovatiloba rollissonii stapelioides xanthina'),
  ...speciesOf('zygopetalum', 'Galeottia', 'burkei fimbriata grandiflora', ['Mendoncella']),
  ...speciesOf(
    'lycaste',
    'Lycaste',
    'aromatica bradeorum brevispatha campbellii candida cochleata consobrina crinita cruenta deppei lassioglossa leucantha macrophylla schilleriana skinneri tricolor virginalis xytriophora',
  ),
  ...speciesOf('lycaste', 'Anguloa', 'brevilabris clowesii eburnea hohenlohii ruckeri uniflora virginalis'),
  ...speciesOf('lycaste', 'Ida', 'ciliata costata fimbriata locusta', ['Lycaste', 'Sudamerlycaste']),
  ...speciesOf(
    'maxillaria',
    'Maxillaria',
    'callichroma cucullata grandiflora houtteana lepidota longisepala luteoalba marginata meleagris picta ochroleuca porphyrostele praestans rufescens sanderiana sanguinea schunkeana sophronitis striata tenuifolia ubatubana',
  ),
  ...speciesOf('maxillaria-climbing', 'Maxillaria', 'curtipes densa elatior rigida uncata variabilis vestita', [
    'Camaridium',
    'Maxillariella',
    'Ornithidium',
  ]),
  ...speciesOf(
    'stanhopea',
    'Stanhopea',
    'anfracta annulata assidensis candida costaricensis devoniensis ecornuta embreei florida gibbosa grandiflora graveolens hernandezii inodora insignis intermedia jenischiana lietzei maculosa martiana napoensis nigripes nigroviolacea oculata platyceras pseudoradiosa ruckeri saccata tigrina tricornis wardii warszewicziana',
  ),
  ...speciesOf(
    'stanhopea',
    'Gongora',
    'armeniaca atropurpurea bufonia cassidea fulva galeata histrionica horichiana leucochila maculata pleiochroma quinquenervis rufescens scaphephorus truncata unicolor',
  ),
  ...speciesOf('stanhopea', 'Acineta', 'barkeri chrysantha densa erythroxantha superba'),
  ...speciesOf('stanhopea', 'Coryanthes', 'elegantium leucocorys macrantha maculata picturata speciosa'),
  ...speciesOf('stanhopea', 'Peristeria', 'elata guttata pendula'),
  ...speciesOf(
    'catasetum',
    'Catasetum',
    'atratum barbatum cernuum cirrhaeoides denticulatum discolor expansum fimbriatum integerrimum laminatum longifolium luridum macrocarpum maculatum ochraceum osculatum pileatum planiceps saccatum schmidtianum spitzii tabulare tenebrosum viridiflavum',
  ),
  ...speciesOf(
    'catasetum',
    'Cycnoches',
    'barthiorum chlorochilon cooperi egertonianum haagei herrenhusanum loddigesii manoelae pentadactylon peruvianum ventricosum warszewiczii',
  ),
  ...speciesOf(
    'catasetum',
    'Mormodes',
    'aromatica badia buccinator colossus hookerae ignea lineata maculata paraensis sinuata warszewiczii',
  ),
  ...speciesOf(
    'catasetum',
    'Clowesia',
    'amazonica dodsoniana glaucoglossa rosea russelliana thylaciochila warczewitzii',
  ),
  ...speciesOf('huntleya', 'Huntleya', 'burtii gustavi meleagris wallisii'),
  ...speciesOf('huntleya', 'Pescatoria', 'cerina coronaria dayana klabochorum lehmannii wallisii', ['Bollea']),
  ...speciesOf('huntleya', 'Warczewiczella', 'amazonica discolor marginata wailesiana', ['Cochleanthes']),
  ...speciesOf('huntleya', 'Chondrorhyncha', 'rosea hirtzii'),
  ...speciesOf('huntleya', 'Kefersteinia', 'graminea lojae mystacina tolimensis'),
  ...speciesOf(
    'trichopilia',
    'Trichopilia',
    'coccinea fragrans galeottiana laxa maculata marginata subulata suavis tortilis turialbae',
  ),
  ...speciesOf(
    'bifrenaria',
    'Bifrenaria',
    'atropurpurea aureofulva charlesworthii harrisoniae inodora tetragona tyrianthina',
  ),
];
