/** Species of slippers, Cymbidium and the orchids of the ground. */
import { speciesOf } from './species-of';

export const groundOrchids = [
  ...speciesOf(
    'paphiopedilum',
    'Paphiopedilum',
    'acmodontum appletonianum argus armeniacum barbatum barbigerum bellatulum boxallii bullenianum callosum charlesworthii ciliolare concolor dayanum delenatii druryi emersonii esquirolei exul fairrieanum fowliei godefroyae gratrixianum hangianum helenae hennisianum henryanum herrmannii hirsutissimum hookerae insigne javanicum lawrenceanum leucochilum malipoense mastersianum micranthum niveum purpuratum spicerianum sukhakulii superbiens thaianum tonsum tranlienianum urbanianum venustum vietnamense villosum violascens wardii wentworthianum',
  ),
  ...speciesOf(
    'paphiopedilum-multifloral',
    'Paphiopedilum',
    'adductum anitum dianthum gigantifolium glanduliferum glaucophyllum haynaldianum kolopakingii liemianum lowii moquetteanum ooii parishii philippinense praestans primulinum randsii richardianum rothschildianum sanderianum stonei supardii victoria-mariae victoria-regina wilhelminae',
  ),
  ...speciesOf(
    'phragmipedium',
    'Phragmipedium',
    'andreettae besseae boissierianum caricinum caudatum czerwiakowianum dalessandroi exstaminodium fischeri hirtzii humboldtii kovachii lindenii lindleyanum longifolium pearcei popowii reticulatum richteri sargentianum schlimii vittatum wallisii warszewiczianum',
  ),
  ...speciesOf(
    'cypripedium',
    'Cypripedium',
    'acaule calceolus californicum fargesii fasciolatum flavum formosanum franchetii guttatum henryi japonicum kentuckiense macranthos montanum parviflorum pubescens reginae segawae tibeticum yunnanense',
  ),
  ...speciesOf(
    'cymbidium',
    'Cymbidium',
    'cyperifolium devonianum eburneum ensifolium erythraeum faberi floribundum goeringii hookerianum insigne iridioides kanran lancifolium lowianum mastersii parishii sanderae sinense tigrinum tortisepalum tracyanum wilsonii',
  ),
  ...speciesOf(
    'cymbidium-warm',
    'Cymbidium',
    'aloifolium atropurpureum bicolor canaliculatum chloranthum dayanum finlaysonianum madidum suave',
  ),
  ...speciesOf(
    'spathoglottis',
    'Spathoglottis',
    'affinis aurea eburnea kimballiana plicata pubescens unguiculata vanoverberghii',
  ),
  ...speciesOf('calanthe-deciduous', 'Calanthe', 'rosea rubens vestita cardioglossa'),
  ...speciesOf(
    'calanthe-evergreen',
    'Calanthe',
    'alismifolia arisanensis aristulifera brevicornu discolor hancockii masuca nipponica puberula reflexa sieboldii striata sylvatica tricarinata triplicata',
  ),
  ...speciesOf('bletilla', 'Bletilla', 'formosana ochracea striata'),
  ...speciesOf(
    'pleione',
    'Pleione',
    'albiflora aurita bulbocodioides chunii coronaria formosana forrestii grandiflora hookeriana humilis limprichtii maculata pleionoides praecox scopulorum speciosa yunnanensis',
  ),
  ...speciesOf('phaius', 'Phaius', 'amboinensis australis flavus mishmensis tankervilleae wallichii'),
  ...speciesOf('phaius', 'Gastrorchis', 'francoisii humblotii pulchra tuberculosa', ['Phaius']),
  ...speciesOf('ludisia', 'Ludisia', 'discolor'),
  ...speciesOf('ludisia', 'Macodes', 'petola sanderiana'),
  ...speciesOf('ludisia', 'Anoectochilus', 'burmannicus chapaensis formosanus roxburghii setaceus'),
  ...speciesOf('ludisia', 'Goodyera', 'hispida pubescens repens schlechtendaliana'),
  ...speciesOf('ludisia', 'Dossinia', 'marmorata'),
  ...speciesOf('disa', 'Disa', 'aurata cardinalis caulescens racemosa tripetaloides uniflora venosa'),
  ...speciesOf(
    'sobralia',
    'Sobralia',
    'atropubescens crocea decora dichotoma fimbriata leucoxantha macrantha powellii violacea xantholeuca yauaperyensis',
  ),
  ...speciesOf('arundina', 'Arundina', 'graminifolia bambusifolia'),
  ...speciesOf('ansellia', 'Ansellia', 'africana gigantea'),
  ...speciesOf(
    'grammatophyllum',
    'Grammatophyllum',
    'elegans martae measuresianum multiflorum papuanum scriptum speciosum stapeliiflorum',
  ),
];
