/** Species of Phalaenopsis, Vanda, Angraecum and their kin. */
import { speciesOf } from './species-of';

export const singleStems = [
  ...speciesOf(
    'phalaenopsis',
    'Phalaenopsis',
    'amabilis aphrodite amboinensis bastianii bellina borneensis cochlearis corningiana cornu-cervi doweryensis fasciata fimbriata floresensis fuscata gigantea hieroglyphica inscriptiosinensis javanica kunstleri lamelligera lueddemanniana lowii maculata mannii mariae micholitzii modesta pallens pantherina philippinensis pulchra reichenbachiana robinsonii sanderiana schilleriana speciosa stuartiana sumatrana tetraspis venosa violacea viridis zebrina chibae deliciosa',
  ),
  ...speciesOf(
    'phalaenopsis-mini',
    'Phalaenopsis',
    'equestris lindenii lobbii parishii celebensis wilsonii honghenensis stobartiana hainanensis taenialis braceana gibbosa malipoensis minus appendiculata natmataungensis thailandica zhejiangensis finleyi subparishii japonica',
  ),
  ...speciesOf('doritis', 'Phalaenopsis', 'pulcherrima buyssoniana regnieriana marriottiana', ['Doritis']),
  ...speciesOf(
    'vanda',
    'Vanda',
    'alpina barnesii bensonii bicolor brunnea celebica coerulea concolor cristata dearei denisoniana flavobrunnea foetida furva helvola hindsii insignis jennae javierae lamellata lilacina limbata liouvillei lombokensis luzonica merrillii petersiana pumila roeblingiana sanderiana scandens spathulata stangeana subconcolor sumatrana tessellata testacea thwaitesii tricolor ustii vietnamica wightii coerulescens hookeriana teres',
  ),
  ...speciesOf(
    'ascocentrum',
    'Vanda',
    'ampullacea aurantiaca aurea christensoniana curvifolia garayi miniata nana rubra semiteretifolia',
    ['Ascocentrum'],
  ),
  ...speciesOf(
    'renanthera',
    'Renanthera',
    'bella citrina coccinea elongata imschootiana matutina monachica philippinensis storiei vietnamensis',
  ),
  ...speciesOf('renanthera', 'Arachnis', 'flos-aeris hookeriana labrosa maingayi'),
  ...speciesOf('rhynchostylis', 'Rhynchostylis', 'coelestis gigantea retusa rieferi'),
  ...speciesOf(
    'aerides',
    'Aerides',
    'crassifolia crispa falcata flabellata houlletiana krabiensis lawrenceae leeana maculosa multiflora odorata quinquevulnera ringens rosea rubescens',
  ),
  ...speciesOf('neofinetia', 'Vanda', 'falcata richardsiana xichangensis', ['Neofinetia']),
  ...speciesOf(
    'angraecum',
    'Angraecum',
    'bosseri calceolus compactum comorense conchiferum cucullatum didieri distichum eburneum eichlerianum elephantinum erectum germinyanum giryamae infundibulare leonis longicalcar longiscott magdalenae mauritianum obesum peyrotii pingue protensum rutenbergianum scottianum sesquipedale sororium superbum urschianum viguieri',
  ),
  ...speciesOf(
    'angraecum',
    'Aerangis',
    'arachnopus articulata brachycarpa confusa cryptodon ellisii kirkii kotschyana modesta mystacidii platyphylla spiculata stylosa verdickii',
  ),
  ...speciesOf(
    'aerangis',
    'Aerangis',
    'biloba calantha citrata distincta fastuosa fuscata hariotiana hyaloides luteoalba macrocentra punctata somalensis thomsonii',
  ),
  ...speciesOf('aerangis', 'Mystacidium', 'aliceae braybonae capense gracile venosum'),
  ...speciesOf('aerangis', 'Jumellea', 'arachnantha comorensis densifoliata fragrans sagittata'),
  ...speciesOf('aerangis', 'Cyrtorchis', 'arcuata chailluana praetermissa ringens'),
  ...speciesOf('vanilla', 'Vanilla', 'aphylla imperialis odorata phaeantha planifolia pompona tahitensis'),
  ...speciesOf(
    'sarcochilus',
    'Sarcochilus',
    'aequalis australis ceciliae dilatatus falcatus fitzgeraldii hartmannii hillii hirticalcar olivaceus roseus spathulatus',
  ),
  ...speciesOf(
    'haraella',
    'Gastrochilus',
    'acutifolius bellinus calceolaris dasypogon formosanus japonicus obliquus retrocallus somai',
    ['Haraella'],
  ),
  ...speciesOf('haraella', 'Trichoglottis', 'atropurpurea brachiata geminata philippinensis rosea'),
  ...speciesOf('haraella', 'Ceratostylis', 'retisquama rubra'),
  ...speciesOf('haraella', 'Chiloschista', 'lunifera parishii pusilla viridiflava'),
  ...speciesOf('haraella', 'Schoenorchis', 'fragrans gemmata juncifolia scolopendria'),
];
