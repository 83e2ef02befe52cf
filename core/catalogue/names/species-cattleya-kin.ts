/** Species of Cattleya and its kin. */
import { speciesOf } from './species-of';

export const cattleyaKin = [
  ...speciesOf(
    'cattleya-unifoliate',
    'Cattleya',
    'candida dowiana eldorado gaskelliana iricolor jenmanii labiata lawrenceana lueddemanniana luteola maxima mendelii mooreana mossiae percivaliana quadricolor rex schroederae silvana trianae wallisii warneri warscewiczii',
  ),
  ...speciesOf(
    'cattleya-unifoliate',
    'Cattleya',
    'crispa fidelensis grandis harpophylla jongheana lobata perrinii purpurata pumila sincorana tenebrosa virens xanthina alaorii praestans dayana',
    ['Laelia', 'Sophronitis', 'Hadrolaelia'],
  ),
  ...speciesOf(
    'cattleya-unifoliate',
    'Laelia',
    'albida anceps aurea autumnalis crawshayana furfuracea gouldiana marginata rubescens speciosa superbiens undulata lyonsii colombiana eyermaniana',
  ),
  ...speciesOf(
    'cattleya-bifoliate',
    'Cattleya',
    'aclandiae amethystoglossa araguaiensis bicolor dormaniana elongata forbesii granulosa guttata harrisoniana intermedia kerrii leopoldii loddigesii nobilior porphyroglossa schilleriana schofieldiana tenuis tigrina velutina violacea walkeriana',
  ),
  ...speciesOf(
    'cattleya-bifoliate',
    'Guarianthe',
    'aurantiaca bowringiana deckeri guatemalensis hennisiana patinii skinneri',
    ['Cattleya'],
  ),
  ...speciesOf(
    'brassavola',
    'Brassavola',
    'acaulis cebolleta cucullata flagellaris gardneri grandiflora martiana nodosa perrinii subulifolia tuberculata venosa',
  ),
  ...speciesOf('brassavola', 'Rhyncholaelia', 'digbyana glauca', ['Brassavola']),
  ...speciesOf(
    'laelia-rupicolous',
    'Cattleya',
    'bradei briegeri caulescens cinnabarina crispata endsfeldzii esalqueana flava fournieri ghillanyi gloedeniana hispidula kautskyana kettieana kleberi liliputana longipes lucasiana mantiqueirae milleri mirandae munchowiana pabstii pendula pfisteri reginae sanguiloba viridiflora',
    ['Laelia', 'Hoffmannseggella', 'Sophronitis'],
  ),
  ...speciesOf(
    'sophronitis',
    'Cattleya',
    'acuensis alagoensis brevipedunculata cernua coccinea mantiqueirensis pygmaea wittigiana',
    ['Sophronitis'],
  ),
  ...speciesOf(
    'epidendrum-reed',
    'Epidendrum',
    'calanthum cinnabarinum denticulatum fulgens ibaguense jamiesonis puniceoluteum radicans secundum xanthinum',
  ),
  ...speciesOf(
    'encyclia',
    'Encyclia',
    'adenocaula alata ambigua aromatica atrorubens belizensis bractescens candollei cordigera dichroma diurna fehlingii fucata hanburyi hamiltonii jenischiana megalantha moebusii nematocaulon oncidioides osmantha patens phoenicea plicata profusa randii seidelii spiritusanctensis tampensis',
  ),
  ...speciesOf(
    'encyclia',
    'Prosthechea',
    'baculus boothiana brassavolae chacaoensis citrina cochleata fragrans garciana glumacea karwinskii mariae michuacana ochracea prismatocarpa radiata vespa vitellina',
    ['Encyclia', 'Anacheilium', 'Epidendrum'],
  ),
  ...speciesOf(
    'encyclia',
    'Epidendrum',
    'ciliare nocturnum parkinsonianum stamfordianum peperomia porpax pseudepidendrum ilense coriifolium difforme marmoratum medusae polybulbon',
    ['Dinema', 'Nanodes'],
  ),
  ...speciesOf('encyclia', 'Dinema', 'polybulbos'),
  ...speciesOf('encyclia', 'Leptotes', 'bicolor bohnkiana pauloensis tenuis unicolor'),
  ...speciesOf('encyclia', 'Broughtonia', 'cubensis domingensis lindenii negrilensis ortgiesiana sanguinea'),
  ...speciesOf(
    'encyclia',
    'Barkeria',
    'dorotheae lindleyana melanocaulon naevosa obovata palmeri scandens shoemakeri skinneri spectabilis uniflora whartoniana',
  ),
  ...speciesOf(
    'encyclia',
    'Myrmecophila',
    'brysiana exaltata grandiflora humboldtii thomsoniana tibicinis wendlandii',
    ['Schomburgkia'],
  ),
];
