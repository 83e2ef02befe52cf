/** Species of Dendrobium, Coelogyne, Bulbophyllum and the small cool genera. */
import { speciesOf } from './species-of';

export const dendrobiumKin = [
  ...speciesOf(
    'dendrobium-softcane',
    'Dendrobium',
    'aduncum albosanguineum amabile brymerianum capillipes chrysotoxum chrysanthum crepidatum crystallinum densiflorum falconeri farmeri fimbriatum findlayanum friedericksianum gratiosissimum griffithianum guangxiense hancockii harveyanum heterocarpum jenkinsii lindleyi linawianum lituiflorum moniliforme moschatum nobile ochreatum ortholobum palpebrae pendulum pulchellum regium secundum senile signatum sulcatum thyrsiflorum tortile unicum wardianum wilsonii',
  ),
  ...speciesOf(
    'dendrobium-hardcane',
    'Dendrobium',
    'affine antennatum bigibbum canaliculatum capra carronii conanthum discolor gouldii helix lasianthera lineale mirbelianum nindii phalaenopsis schulleri stratiotes strebloceras sylvanum taurinum tangerinum violaceoflavens',
  ),
  ...speciesOf(
    'dendrobium-kingianum',
    'Dendrobium',
    'adae aemulum delicatum falcorostrum fleckeri gracilicaule jonesii kingianum moorei speciosum suffusum tetragonum',
    ['Thelychiton'],
  ),
  ...speciesOf(
    'dendrobium-formosae',
    'Dendrobium',
    'bellatulum christyanum cariniferum cruentum dearei draconis formosum infundibulum lowii longicornu margaritaceum sanderae scabrilingue schuetzei sutepense tobaense trigonopus virgineum wattii williamsonii',
  ),
  ...speciesOf(
    'dendrobium-mini',
    'Dendrobium',
    'cuthbertsonii cyanocentrum dichaeoides hellwigianum laevifolium lawesii masarangense prasinum sophronites subuliferum vexillarius victoriae-reginae violaceum wentianum pseudoglomeratum bracteosum goldschmidtianum',
  ),
  ...speciesOf(
    'dendrobium-pendent',
    'Dendrobium',
    'anosmum aphyllum cucullatum devonianum loddigesii macraei macrostachyum parishii pierardii polyanthum primulinum superbum transparens',
  ),
  ...speciesOf(
    'dendrobium-kingianum',
    'Dockrillia',
    'cucumerina linguiformis pugioniformis striolata teretifolia wassellii',
    ['Dendrobium'],
  ),
  ...speciesOf(
    'coelogyne-cool',
    'Coelogyne',
    'barbata corymbosa cristata elata fimbriata flaccida fuscescens hololeuca lactea mooreana nervosa nitida occultata ochracea ovalis prolifera punctulata trinervis',
  ),
  ...speciesOf(
    'coelogyne-warm',
    'Coelogyne',
    'asperata celebensis cumingii dayana huettneriana massangeana pandurata parishii rochussenii rumphii speciosa swaniana tomentosa usitana verrucosa xyrekes',
  ),
  ...speciesOf(
    'dendrochilum',
    'Dendrochilum',
    'arachnites cobbianum convallariiforme cootesii filiforme formosanum glumaceum javieriense latifolium magnum propinquum saccolabium stenophyllum tenellum uncatum wenzelii yuccifolium',
  ),
  ...speciesOf(
    'bulbophyllum',
    'Bulbophyllum',
    'ambrosia annandalei antenniferum arfakianum baileyi beccarii biflorum blumei careyanum carunculatum cornutum dearei echinolabium facetum falcatum fascinator fletcherianum fritillariiflorum frostii graveolens guttulatum lasiochilum leopardinum lepidum levatii lobbii longiflorum longissimum macranthum makoyanum maximum medusae micholitzii nymphopolitanum occultum odoratissimum orthoglossum patens phalaenopsis picturatum plumatum polystictum putidum rothschildianum rufinum sikkimense sumatranum umbellatum vaginatum wendlandianum',
    ['Cirrhopetalum'],
  ),
  ...speciesOf(
    'masdevallia',
    'Masdevallia',
    'amabilis angulata barlaeana bonplandii caesia calura caudata chaparensis chimaera civilis coccinea constricta coriacea davisii decumana datura deformis exquisita floribunda garciae glandulosa herradurae hirtzii ignea infracta instar limax lychniphora mejiana melanopus mendozae nidifica notosibirica pachyura picturata pinocchio polysticta princeps prodigiosa racemosa regina rolfeana rosea sanctae-inesae schroederiana strobelii tovarensis triangularis uniflora veitchiana velifera ventricularia wageneriana wendlandiana xanthina yungasensis',
  ),
  ...speciesOf(
    'masdevallia',
    'Dracula',
    'amaliae bella benedictii chestertonii chimaera cordobae diana erythrochaete felix gigas gorgona lotax polyphemus psittacina robledorum simia sodiroi tubeana vampira velutina vespertilio wallisii',
  ),
  ...speciesOf(
    'restrepia',
    'Restrepia',
    'antennifera brachypus chameleon citrina condorensis contorta cuprea dodsonii elegans falkenbergii guttulata iris muscifera pandurata purpurea radulifera sanguinea schizosepala striata trichoglossa',
  ),
  ...speciesOf(
    'pleurothallis',
    'Pleurothallis',
    'allenii bivalvis cardiantha cordata dilemma gargantua phyllocardia restrepioides teaguei titan truncata',
  ),
  ...speciesOf('pleurothallis', 'Specklinia', 'corniculata dunstervillei grobyi marginata tribuloides endotrachys', [
    'Pleurothallis',
  ]),
  ...speciesOf(
    'pleurothallis',
    'Acianthera',
    'circumplexa johnsonii luteola pubescens recurva saurocephala sonderana strupifolia',
    ['Pleurothallis'],
  ),
  ...speciesOf('pleurothallis', 'Stelis', 'argentata immersa purpurascens quadrifida segoviensis'),
  ...speciesOf('pleurothallis', 'Dryadella', 'edwallii lilliputiana simula zebrina'),
  ...speciesOf('pleurothallis', 'Scaphosepalum', 'gibberosum rapax swertiifolium verrucosum'),
  ...speciesOf('pleurothallis', 'Anathallis', 'acuminata minutalis sclerophylla'),
  ...speciesOf(
    'lepanthes',
    'Lepanthes',
    'calodictyon caprimulgus cribbii escobariana gargantua gargoyla lucifer manabina matudana pilosella saltatrix telipogoniflora tentaculata tsubotae volador',
  ),
  ...speciesOf('lepanthes', 'Platystele', 'misera ovatilabia stenostachya umbellata'),
];
