import type { Phrasebook } from '../phrases.js';

export const coating = {
  'inland, under a roof when it stands': {
    de: 'im Binnenland, abgestellt unter Dach',
    es: 'interior, bajo techo cuando está parado',
  },
  'outside in the rain, salted roads now and then': {
    de: 'draußen im Regen, ab und zu Streusalz',
    es: 'a la intemperie, con sal en el camino a veces',
  },
  'salted roads all winter, or by the sea': {
    de: 'Streusalz den ganzen Winter, oder am Meer',
    es: 'sal todo el invierno, o junto al mar',
  },
  'primer and two coats of enamel': {
    de: 'Grundierung und zwei Anstriche Lack',
    es: 'imprimación y dos manos de esmalte',
  },
  'two-pack: epoxy primer twice, polyurethane once': {
    de: 'Zweikomponenten: Epoxid zweimal, Polyurethan einmal',
    es: 'dos componentes: epoxi dos veces, poliuretano una',
  },
  'blasted and powder coated': { de: 'gestrahlt und pulverbeschichtet', es: 'chorreado y pintado al polvo' },
  'hot-dip galvanized': { de: 'feuerverzinkt', es: 'galvanizado en caliente' },
  nothing: { de: 'nichts', es: 'nada' },
  'Aluminum deck on steel bars: paint both, tape or a bed of sealer between all along, stainless screws with washers of nylon.':
    {
      de: 'Aluminiumboden auf Stahlstäben: beide lackieren, durchgehend Band oder Dichtmasse dazwischen, rostfreie Schrauben mit Nylonscheiben.',
      es: 'Piso de aluminio sobre barras de acero: pinte ambos, cinta o sellador entre ellos en todo el largo, tornillos inoxidables con arandelas de nailon.',
    },
  'Aluminum skins on steel posts: tape between, stainless or aluminum rivets, the lower edge open so that it drains.': {
    de: 'Aluminiumhaut auf Stahlpfosten: Band dazwischen, rostfreie oder Aluminiumnieten, die Unterkante offen, damit es abläuft.',
    es: 'Revestimiento de aluminio en postes de acero: cinta entre ambos, remaches inoxidables o de aluminio, borde inferior abierto para que drene.',
  },
  'Aluminum bars bolted to steel ones: a plate of plastic between, sleeves about the bolts, no weld joins them.': {
    de: 'Aluminiumstäbe an Stahl geschraubt: eine Kunststoffplatte dazwischen, Hülsen um die Schrauben, keine Naht verbindet sie.',
    es: 'Barras de aluminio atornilladas a acero: una placa de plástico entre ambas, casquillos en los tornillos, ninguna soldadura las une.',
  },
  'Steel hangers, axle brackets and coupler on an aluminum frame: plates of plastic or paint between, galvanized or stainless bolts in sleeves, tightened again after the first trip.':
    {
      de: 'Stählerne Federböcke, Achskonsolen und Kupplung an einem Aluminiumrahmen: Kunststoffplatten oder Farbe dazwischen, verzinkte oder rostfreie Schrauben in Hülsen, nach der ersten Fahrt nachgezogen.',
      es: 'Soportes, ménsulas y acoplamiento de acero en bastidor de aluminio: placas de plástico o pintura entre ambos, tornillos galvanizados o inoxidables con casquillo, reapretados tras el primer viaje.',
    },
  'Wood on aluminum: what keeps treated wood from rot holds copper, which eats aluminum. Untreated and sealed wood, or a membrane between.':
    {
      de: 'Holz auf Aluminium: was behandeltes Holz vor Fäule schützt, enthält Kupfer, das Aluminium frisst. Unbehandeltes, versiegeltes Holz, oder eine Bahn dazwischen.',
      es: 'Madera sobre aluminio: lo que protege la madera tratada lleva cobre, que come el aluminio. Madera sin tratar y sellada, o una membrana entre ambos.',
    },
  'Wood on steel: seal its underside, a bead of sealer on each bar. In treated wood screws that are hot-dip galvanized or stainless; thin yellow zinc is gone in a winter.':
    {
      de: 'Holz auf Stahl: die Unterseite versiegeln, eine Raupe Dichtmasse auf jeden Stab. In behandeltes Holz feuerverzinkte oder rostfreie Schrauben; dünnes gelbes Zink ist in einem Winter weg.',
      es: 'Madera sobre acero: selle su cara inferior, un cordón de sellador en cada barra. En madera tratada, tornillos galvanizados en caliente o inoxidables; el zinc amarillo fino dura un invierno.',
    },
} as const satisfies Phrasebook;
