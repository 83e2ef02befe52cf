/**
 * Hybrid genera, their short forms on tags, and the groups they grow like: the roots and the habit of the parents that show
 * most. From memory of tags; the bodies that register orchids publish such lists.
 */
import { memory, type Sourced } from '../../base';

export interface HybridGenus {
  readonly name: string;
  /** As it stands on tags; "" where none is usual. */
  readonly short: string;
  readonly genusIds: Sourced<readonly string[]>;
}

/** pairs: "Name:Short Name:Short". */
const growLike = (groups: readonly string[], pairs: string): readonly HybridGenus[] =>
  pairs
    .split(/\s+/)
    .filter((pair) => pair !== '')
    .map((pair) => {
      const [name = '', short = ''] = pair.split(':');
      return { name, short, genusIds: memory(groups) };
    });

export const hybridGenera: readonly HybridGenus[] = [
  ...growLike(
    ['cattleya-unifoliate', 'cattleya-bifoliate'],
    'Laeliocattleya:Lc Cattlianthe:Ctt Laelianthe:Lnt Cahuzacara:Chz Catyclia:Cty Epicattleya:Epc Catlaelia:Ctla Guarisophleya:Gsl Cattleytonia:Ctna Guaritonia:Grt Schombocattleya:Smbc Myrmecocattleya:Mcc Epilaeliocattleya:Eplc Iwanagara:Iwan Fujiwarara:Fjw Kawamotoara:Kwmta Rothara:Roth Vaughnara:Vnra Hawkinsara:Hknsa Otaara:Otr Laeliocatonia:Lctna Hasegawaara:Hasgw Mizutara:Mzt Dialaelia Jackfowlieara Lowara:Low Stellamizutaara Yamadara:Yam',
  ),
  ...growLike(
    ['brassavola', 'cattleya-unifoliate'],
    'Rhyncholaeliocattleya:Rlc Brassolaeliocattleya:Blc Brassocattleya:Bc Brassolaelia:Bl Brassanthe:Bsn Brassocatanthe:Bct Rhynchobrassoleya:Rby Potinara:Pot Rhyncattleanthe:Rth Rhyncanthe:Rcn Rechingerara Brassotonia:Bstna Brassoepidendrum:Bepi Toshieara Volkertara Rhynchovola:Rcv Recchara Mclaughlinara Estelaara Encyvola:Eyv Brassacathron:Bcn',
  ),
  ...growLike(
    ['sophronitis', 'cattleya-unifoliate'],
    'Sophrolaeliocattleya:Slc Sophrolaelia:Sl Sophrocattleya:Sc Hawkesiara',
  ),
  ...growLike(
    ['encyclia', 'epidendrum-reed'],
    'Epicyclia:Epy Enanthleya Oerstedella:Oe Epiphronitis:Ephs Epitonia:Eptn Bardendrum:Bard Epilaelia:Epl Barclia Epibarkiella',
  ),
  ...growLike(
    ['oncidium'],
    'Vuylstekeara:Vuyl Burrageara:Burr Oncostele:Ons Colmanara:Colm Wilsonara:Wils Beallara:Bllra Odontocidium:Odcdm Odontonia:Odtna Odontioda:Oda Oncidopsis:Oip Oncidumnia:Oncna Oncidesa:Oncsa Miltonidium:Mtdm Maclellanara:Mclna Degarmoara:Dgmra Aliceara:Alcra Banfieldara:Bnfd Brassidium:Brsdm Brassada:Brsa Oncidasa Rodricidium:Rdcm Howeara:Hwra Zelenkocidium:Zed Ionocidium:Incdm Gomada Aspasium:Aspsm Bakerara:Bak Baldwinara:Bldwn Charlesworthara:Cha Cambria Eliara:Eliara Forgetara:Fgtra Goodaleara:Gdlra Lagerara:Lgra Muenzara:Mnza Norwoodara:Nwda Odyncidium:Odyn Rodrumnia:Rrm Rhynchostele:Rst Rhyncidlioda Sanderara:Sand Schafferara:Schfa Shiveara:Shva Stanfieldara Stewartara:Stwt Trichocidium:Trcdm Withnerara:With Odontozelencidium',
  ),
  ...growLike(
    ['oncidium-equitant'],
    'Tolassia Tolumnopsis Iononia Ionmesa Comparumnia Rodrettiopsis:Rdtps Tolucentrum Golumnia:Glta Rodriopsis:Rodps',
  ),
  ...growLike(
    ['brassia', 'oncidium'],
    'Miltassia:Mtssa Bratonia:Brat Brascidostele Brassioda Brassostele:Bst Aspassia:Asp Brapasia',
  ),
  ...growLike(['miltonia', 'oncidium'], 'Miltada Milpasia:Mpsa Miltadium'),

  ...growLike(
    ['odontoglossum-cool', 'oncidium'],
    'Cochlioda:Cda Odontobrassia Adaglossum:Adgm Adioda:Ado Cyrtocidium Cyrtoniopsis',
  ),
  ...growLike(
    ['zygopetalum'],
    'Zygonisia:Zns Zygolum:Zglm Propetalum:Pptm Zygocolax:Zcx Zygosepalum Zygoneria:Zga Galeopetalum:Gptm Zygopabstia:Zba Hamelwellsara:Hmwsa Durutyara:Dtya Zygostylis Zygorhyncha:Zcha Aitkenara:Aitk Bateostylis:Btst',
  ),
  ...growLike(['lycaste'], 'Angulocaste:Angcst Sudacaste Lycamerlycaste'),
  ...growLike(
    ['catasetum'],
    'Fredclarkeara:Fdk Cycnodes:Cycd Mormodia Catanoches:Ctnchs Catamodes:Ctmds Clowsellia Monnierara:Monn Clowesetum:Clo Georgecarrara Clomodes Cloughara Clowenoches Cyclodes Catasellia Galeansellia Rhettara',
  ),
  ...growLike(
    ['huntleya'],
    'Cochlecaste Chondrobollea:Chdb Pescatobollea:Psbol Pescarhyncha Huntleanthes:Hntsa Bollopetalum:Blptm Cochlepetalum:Ccptm',
  ),
  ...growLike(
    ['phalaenopsis'],
    'Doritaenopsis:Dtps Phalaerianda Vandaenopsis:Vdnps Asconopsis:Ascps Renanthopsis:Rnthps Sarconopsis:Srnps Phalandopsis Phaliella:Phlla Beardara:Bdra Doricentrum:Dctm Doriella:Drlla Doriellaopsis:Dllps Dorthera Aeridopsis:Aerps Rhynchonopsis:Rhnps Trichonopsis Macekara:Maka Hagerara:Hgra Yeepengara Laycockara Vandoritis Edeara Hausermannara:Haus',
  ),
  ...growLike(
    ['vanda'],
    'Ascocenda:Ascda Vascostylis:Vasco Mokara:Mkra Aeridovanda:Aerdv Vandachostylis:Van Rhynchovanda:Rhv Papilionanda:Pda Euanthe Sanda Perreiraara:Prra Christieara:Chtra Opsisanda:Opsis Holttumara:Holtt Kagawara:Kgw Nakamotoara:Nkm Aranda:Aran Vandofinetia:Vf Ascofinetia:Ascf Darwinara:Dar Rhynchorides:Rhrds Aeridachostylis Hawaiiara:Haw Trevorara:Trev Teohara Kuirandanara Vandopsides Yusofara Himoriara Lewisara:Lwsra Robinara Pantapaara:Pntp Eastonara:Eas Rumrillara:Rlla Luivanetia:Lvta Youngyouthara',
  ),
  ...growLike(['ascocentrum', 'vanda'], 'Ascorachnis Rhynchocentrum:Rhctm Ascorides Ascostylis'),
  ...growLike(
    ['renanthera'],
    'Renantanda:Rntda Aranthera:Arnth Renanstylis:Rnst Renanetia:Rnet Renades:Rnds Arachnostylis:Arnst Paraphalaenanthera Renancentrum:Rnctm Renaglottis:Rngl Renafinanda',
  ),
  ...growLike(['neofinetia'], 'Neostylis:Neost Aeridofinetia:Aerf Cleisofinetia Luinetia:Lnta Phalanetia:Phnta'),
  ...growLike(['sarcochilus'], 'Sartylis:Srts Plectochilus:Plchs Parachilus:Prcls Sarcovanda Plectrelgraecum'),
  ...growLike(['angraecum'], 'Eurygraecum:Eugcm Angraecyrtanthes:Ancyth Angraecentrum Angrangis:Angrs'),
  ...growLike(['aerangis'], 'Aerangaeris Eurangis Euryangis Mystacangis'),
  ...growLike(['dendrobium-hardcane'], 'Grastidium:Gra Ceratobium Vappaculum Durabaculum'),
  ...growLike(['masdevallia'], 'Dracuvallia:Drvla Porroglossum:Prgm Trigolyca Masdevalliantha'),
  ...growLike(['phragmipedium'], 'Mexipedium:Mex'),
  ...growLike(['bulbophyllum'], 'Cirrhophyllum:Crphm Triasphyllum Mastiphyllum'),
  ...growLike(['cymbidium'], 'Cyperocymbidium'),
  ...growLike(['cymbidium-warm', 'grammatophyllum'], 'Grammatocymbidium:Grcym Ansidium:Asdm'),
  ...growLike(
    ['phaius', 'calanthe-evergreen'],
    'Phaiocalanthe:Phcal Gastrocalanthe:Gcal Gastrophaius Phaiocymbidium:Phcym',
  ),
  ...growLike(['ludisia'], 'Ludochilus:Lud Goodisia Dossisia:Dsia Anoectomaria:Anctma'),
];
