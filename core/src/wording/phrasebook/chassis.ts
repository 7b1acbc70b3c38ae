import type { Phrasebook } from '../phrases.js';

export const chassis = {
  'the tires': { de: 'die Reifen', es: 'los neumáticos' },
  'the fenders': { de: 'die Kotflügel', es: 'los guardabarros' },
  'the frame': { de: 'den Rahmen', es: 'el bastidor' },
  'the load': { de: 'die Last', es: 'la carga' },
  '{member}: section “{section}” is not in the list. Choose one.': {
    de: '{member}: Profil „{section}“ steht nicht in der Liste. Eines wählen.',
    es: '{member}: el perfil «{section}» no está en la lista. Elija uno.',
  },
  '{member}: metal “{material}” is not in the list. Choose one.': {
    de: '{member}: Metall „{material}“ steht nicht in der Liste. Eines wählen.',
    es: '{member}: el metal «{material}» no está en la lista. Elija uno.',
  },
  '{member}: the sizes of “{section}” make no section. Check wall and radii.': {
    de: '{member}: die Maße von „{section}“ ergeben kein Profil. Wand und Radien prüfen.',
    es: '{member}: las medidas de «{section}» no forman un perfil. Revise pared y radios.',
  },
  '{member}: only channels and angles can be put together as a box. Choose one, or take the box off.': {
    de: '{member}: nur U-Profile und Winkel lassen sich zu einem Kasten fügen. Eines wählen, oder den Kasten wegnehmen.',
    es: '{member}: solo perfiles en U y ángulos forman un cajón. Elija uno, o quite el cajón.',
  },
  '{member}: what is to go inside does not fit into it. It takes a tube, and a smaller bar inside.': {
    de: '{member}: was hinein soll, passt nicht. Es braucht ein Rohr und innen einen kleineren Stab.',
    es: '{member}: lo que va dentro no cabe. Hace falta un tubo y una barra menor dentro.',
  },
  '{member}: an aluminum section with steel’s strength, or the other way round. Choose metal and section alike.': {
    de: '{member}: ein Aluminiumprofil mit der Festigkeit von Stahl, oder umgekehrt. Metall und Profil gleich wählen.',
    es: '{member}: un perfil de aluminio con la resistencia del acero, o al revés. Elija metal y perfil iguales.',
  },
  '{member} at {x} does not lie between the headers.': {
    de: '{member} bei {x} liegt nicht zwischen den Stirnträgern.',
    es: '{member} a {x} no queda entre los cabezales.',
  },
  '{member} and {other} lie on each other.': {
    de: '{member} und {other} liegen aufeinander.',
    es: '{member} y {other} se enciman.',
  },
  'The tongue legs are {spread} apart at the front header, the frame is {width} wide. Shorten the tongue, narrow the angle, or take a straight tongue.':
    {
      de: 'Die Deichselschenkel stehen am vorderen Stirnträger {spread} auseinander, der Rahmen ist {width} breit. Deichsel kürzen, Winkel enger machen, oder eine gerade nehmen.',
      es: 'Los brazos de la lanza distan {spread} en el cabezal delantero, el bastidor mide {width} de ancho. Acorte la lanza, cierre el ángulo, o tome una recta.',
    },
  'The tongue runs {under} under the frame and past its rear end.': {
    de: 'Die Deichsel läuft {under} unter dem Rahmen und über sein Heck hinaus.',
    es: 'La lanza corre {under} bajo el bastidor y pasa su extremo trasero.',
  },
  'A sloped tongue that runs on under the frame bends at the front header. Let it end at the header, or step it instead.':
    {
      de: 'Eine geneigte Deichsel, die unter dem Rahmen weiterläuft, knickt am vorderen Stirnträger. Dort enden lassen, oder absetzen.',
      es: 'Una lanza inclinada que sigue bajo el bastidor se quiebra en el cabezal. Que acabe en él, o escalónela.',
    },
  'A tongue that runs on top of the frame, or through it, lies level here. Let it end at the front header to slope or step it.':
    {
      de: 'Eine Deichsel auf dem Rahmen oder durch ihn hindurch liegt hier waagrecht. Zum Neigen oder Absetzen am vorderen Stirnträger enden lassen.',
      es: 'Una lanza sobre el bastidor o a través de él queda aquí a nivel. Que acabe en el cabezal delantero para inclinarla o escalonarla.',
    },
  'A tongue that runs on under the frame can only be stepped down. Let it end at the front header to step it up.': {
    de: 'Eine Deichsel, die unter dem Rahmen weiterläuft, lässt sich nur nach unten absetzen. Nach oben: am vorderen Stirnträger enden lassen.',
    es: 'Una lanza que sigue bajo el bastidor solo se escalona hacia abajo. Para subirla, que acabe en el cabezal delantero.',
  },
  'The tongue is to come apart {ahead} ahead of the bed, where side tubes that reach {sideTubesAhead} ahead hold it: put the joint ahead of them.':
    {
      de: 'Die Deichsel soll {ahead} vor der Ladefläche auseinandergehen, wo Seitenrohre bis {sideTubesAhead} davor sie halten: das Gelenk davor setzen.',
      es: 'La lanza se separa {ahead} delante de la caja, donde la sujetan tubos laterales que llegan {sideTubesAhead} delante: ponga la unión delante de ellos.',
    },
  'A step of {by} leaves tongue and header overlapping: {least} or more makes room for an upright. Slope the tongue instead.':
    {
      de: 'Bei einem Absatz von {by} überlappen Deichsel und Stirnträger: ab {least} ist Platz für einen Ständer. Oder die Deichsel neigen.',
      es: 'Un escalón de {by} deja lanza y cabezal solapados: {least} o más deja sitio a un montante. O incline la lanza.',
    },
  'A backbone with side tubes cannot be stepped here. Slope it, or take a straight tube with gussets.': {
    de: 'Ein Zentralrohr mit Seitenrohren lässt sich hier nicht absetzen. Neigen, oder ein gerades Rohr mit Knotenblechen nehmen.',
    es: 'Un tubo central con tubos laterales no se escalona aquí. Inclínelo, o tome un tubo recto con cartelas.',
  },
  'The side tubes start {ahead} ahead of the bed, the backbone ends {length} ahead of it.': {
    de: 'Die Seitenrohre beginnen {ahead} vor der Ladefläche, das Zentralrohr endet {length} davor.',
    es: 'Los tubos laterales empiezan {ahead} delante de la caja, el tubo central acaba {length} delante.',
  },
  'The tongue’s joint {ahead} ahead of the bed is not on the tongue, which ends {length} ahead of it.': {
    de: 'Das Gelenk {ahead} vor der Ladefläche liegt nicht auf der Deichsel, die {length} davor endet.',
    es: 'La unión {ahead} delante de la caja no está en la lanza, que acaba {length} delante.',
  },
  '{member} stands on {on}, which is not there or carries no other bar. Choose another.': {
    de: '{member} steht auf {on}, das nicht da ist oder keinen anderen Stab trägt. Etwas anderes wählen.',
    es: '{member} se apoya en {on}, que no está o no lleva otra barra. Elija otro.',
  },
  '{member} stands on {on} at {at}, past its end at {length}.': {
    de: '{member} steht auf {on} bei {at}, jenseits des Endes bei {length}.',
    es: '{member} se apoya en {on} a {at}, más allá de su extremo a {length}.',
  },
  '{member} touches nothing. Put one of its ends on a bar of the frame.': {
    de: '{member} berührt nichts. Ein Ende auf einen Stab des Rahmens setzen.',
    es: '{member} no toca nada. Ponga un extremo en una barra del bastidor.',
  },
  '{member} has no length left between the faces that it stands on. Move one of its ends.': {
    de: '{member} hat zwischen den Flächen, auf denen es steht, keine Länge mehr. Ein Ende versetzen.',
    es: 'A {member} no le queda longitud entre las caras en que se apoya. Mueva un extremo.',
  },
  '{member} stands on a bar that stands on it. Put one of them on the frame.': {
    de: '{member} steht auf einem Stab, der auf ihm steht. Einen davon auf den Rahmen setzen.',
    es: '{member} se apoya en una barra que se apoya en ella. Ponga una en el bastidor.',
  },
  '{member} runs along {on} too flat to be welded to it. Steepen it, or let it end elsewhere.': {
    de: '{member} läuft zu flach an {on} entlang, um angeschweißt zu werden. Steiler stellen, oder anderswo enden lassen.',
    es: '{member} va demasiado tendida a lo largo de {on} para soldarla. Empínela, o que acabe en otro sitio.',
  },
  '{panel} reaches to {on}, which is not there. Choose another.': {
    de: '{panel} reicht bis {on}, das nicht da ist. Etwas anderes wählen.',
    es: '{panel} llega a {on}, que no está. Elija otro.',
  },
  '{panel}: {barIds} and {barIds2} do not lie side by side in one plane, along, across or upright. Choose bars that do, or put it at a place.':
    {
      de: '{panel}: {barIds} und {barIds2} liegen nicht nebeneinander in einer Ebene, längs, quer oder aufrecht. Passende Stäbe wählen, oder an eine Stelle setzen.',
      es: '{panel}: {barIds} y {barIds2} no están lado a lado en un plano, a lo largo, de través o vertical. Elija barras que sí, o póngalo en un lugar.',
    },
  '{panel} leans from one bar to the other: openings can be cut in it only where it lies flat or stands. Take them out, or set its bars in one plane.':
    {
      de: '{panel} lehnt von einem Stab zum anderen: Öffnungen gehen nur, wo es liegt oder steht. Herausnehmen, oder die Stäbe in eine Ebene setzen.',
      es: '{panel} va inclinado de una barra a otra: solo admite huecos tumbado o de pie. Quítelos, o ponga sus barras en un plano.',
    },
  '{panel} has no size, or its openings leave nothing of it.': {
    de: '{panel} hat keine Größe, oder seine Öffnungen lassen nichts übrig.',
    es: '{panel} no tiene tamaño, o sus huecos no dejan nada.',
  },
  '{piece} is {width} wide, the bed’s edge that it hangs on is {bed}. Make it narrower.': {
    de: '{piece} ist {width} breit, die Kante der Ladefläche, an der es hängt, {bed}. Schmaler machen.',
    es: '{piece} mide {width} de ancho, el borde de la caja del que cuelga {bed}. Hágalo más estrecho.',
  },
  '{piece} has nothing under it from end to end. Move its ends onto the frame.': {
    de: '{piece} hat von Ende zu Ende nichts unter sich. Die Enden auf den Rahmen setzen.',
    es: '{piece} no tiene nada debajo de punta a punta. Lleve sus extremos al bastidor.',
  },
  '{piece} leaves no room for its own bars: {least} is the least.': {
    de: '{piece} lässt seinen eigenen Stäben keinen Platz: {least} ist das Mindeste.',
    es: '{piece} no deja sitio a sus propias barras: lo mínimo es {least}.',
  },
  'A bed {width} wide leaves no room between its own rails and headers.': {
    de: 'Eine {width} breite Fläche lässt zwischen ihren Längs- und Stirnträgern keinen Platz.',
    es: 'Una caja de {width} de ancho no deja sitio entre sus largueros y cabezales.',
  },
  '{count} pieces': { de: '{count} Stücke', es: '{count} piezas' },
  '{gap} of air between the {name} and {hosts}: nothing holds its rear end. Put a packer there, or a bar that reaches down to it.':
    {
      de: '{gap} Luft zwischen {name} und {hosts}: nichts hält das hintere Ende. Eine Unterlage dazwischen, oder einen Stab, der herabreicht.',
      es: '{gap} de aire entre {name} y {hosts}: nada sujeta su extremo trasero. Ponga un suplemento, o una barra que baje hasta ella.',
    },
  'The {name} passes {gap} under {hosts} and is not joined there; a packer would join it.': {
    de: '{name} läuft {gap} unter {hosts} durch und ist dort nicht verbunden; eine Unterlage würde verbinden.',
    es: '{name} pasa {gap} bajo {hosts} y no está unida allí; un suplemento la uniría.',
  },
  '{width} wide over {item}.{limit}': {
    de: '{width} breit über {item}.{limit}',
    es: '{width} de ancho sobre {item}.{limit}',
  },
  'Limit {limit}: {width}.': { de: 'Grenze {limit}: {width}.', es: 'Límite {limit}: {width}.' },
  '{length} from ball to {item}.{stored}{limit}': {
    de: '{length} von der Kugel bis: {item}.{stored}{limit}',
    es: '{length} de la bola a {item}.{stored}{limit}',
  },
  'the end of {item}': { de: 'das Ende von {item}', es: 'el extremo de {item}' },
  'Stored with the tongue away: {stored}.': {
    de: 'Ohne Deichsel abgestellt: {stored}.',
    es: 'Guardado sin la lanza: {stored}.',
  },
  'Limit {limit}: {length}.': { de: 'Grenze {limit}: {length}.', es: 'Límite {limit}: {length}.' },
  '{memberIds}: {section} is not made in {metal}. {yield} Choose the metal that it is.': {
    de: '{memberIds}: {section} gibt es nicht aus {metal}. {yield} Das Metall wählen, aus dem es ist.',
    es: '{memberIds}: {section} no se fabrica en {metal}. {yield} Elija el metal del que es.',
  },
  'It counts at {yield}; what is sold is usually {usual}, {usualYield}.': {
    de: 'Es zählt mit {yield}; verkauft wird meist {usual}, {usualYield}.',
    es: 'Cuenta con {yield}; lo que se vende suele ser {usual}, {usualYield}.',
  },
  'What is sold is usually {usual}.': { de: 'Verkauft wird meist {usual}.', es: 'Lo que se vende suele ser {usual}.' },
  '{memberIds} of {metal}: hard steel cracks beside its welds, often days later, and no figure here covers that. Bolt it, or keep it out of everything that carries; ask a welder who knows the steel.':
    {
      de: '{memberIds} aus {metal}: harter Stahl reißt neben seinen Nähten, oft Tage später, und keine Zahl hier deckt das ab. Schrauben, oder aus allem heraushalten, was trägt; jemanden fragen, der den Stahl schweißen kann.',
      es: '{memberIds} de {metal}: el acero duro se agrieta junto a sus soldaduras, a menudo días después, y ninguna cifra aquí lo cubre. Atorníllelo, o déjelo fuera de lo que soporta; pregunte a un soldador que conozca ese acero.',
    },
  '{memberIds} of steel without mark or certificate: counted at {yield} only.': {
    de: '{memberIds} aus Stahl ohne Zeichen oder Zeugnis: zählt nur mit {yield}.',
    es: '{memberIds} de acero sin marca ni certificado: cuenta solo con {yield}.',
  },
  '{panel} is larger than a sheet, and no bar is where two could meet, between {from} and {to} along it: put one there.':
    {
      de: '{panel} ist größer als eine Tafel, und kein Stab liegt, wo zwei sich treffen könnten, zwischen {from} und {to}: dort einen setzen.',
      es: '{panel} es mayor que una plancha, y no hay barra donde podrían juntarse dos, entre {from} y {to}: ponga una allí.',
    },
  'Two sheets of the deck meet {x} back, where no bar holds both edges.': {
    de: 'Zwei Tafeln des Bodens treffen sich bei {x}, wo kein Stab beide Kanten hält.',
    es: 'Dos planchas del piso se juntan a {x}, donde ninguna barra sujeta ambos bordes.',
  },
  '{nearest} stands {off} {off2} it: move it there, or put one there.': {
    de: '{nearest} steht {off} {off2}: dorthin versetzen, oder einen dort setzen.',
    es: '{nearest} está {off} {off2}: muévala allí, o ponga una.',
  },
  behind: { de: 'dahinter', es: 'detrás' },
  'ahead of': { de: 'davor', es: 'delante' },
  '{member} passes through {other} without being joined to it. Let one end on the other, or move it aside.': {
    de: '{member} geht durch {other}, ohne verbunden zu sein. Ein Ende auf das andere setzen, oder beiseite rücken.',
    es: '{member} atraviesa {other} sin estar unida. Que una acabe en la otra, o apártela.',
  },
  'One more pair does so.': { de: 'Noch ein Paar tut das.', es: 'Lo hace un par más.' },
  '{more} more pairs do so.': { de: 'Noch {more} Paare tun das.', es: 'Lo hacen {more} pares más.' },
  'The tongue lies on top of the frame, {deep} into the space over the deck. Cut the deck out beside it, and keep loads off it.':
    {
      de: 'Die Deichsel liegt auf dem Rahmen, {deep} im Raum über dem Boden. Den Boden daneben ausschneiden, und Lasten davon fernhalten.',
      es: 'La lanza va sobre el bastidor, {deep} en el espacio sobre el piso. Recorte el piso junto a ella, y no la cargue.',
    },
  'The tongue is {bar} deep and butts on a header of {header}: the rest of its end hangs in the air. Make the header as deep, or run the tongue under the frame.':
    {
      de: 'Die Deichsel ist {bar} hoch und stößt an einen Stirnträger von {header}: der Rest ihres Endes hängt in der Luft. Den Stirnträger so hoch machen, oder die Deichsel unter dem Rahmen führen.',
      es: 'La lanza tiene {bar} de canto y topa con un cabezal de {header}: el resto de su extremo queda al aire. Haga el cabezal igual, o pase la lanza bajo el bastidor.',
    },
  '{memberCount} aluminum pieces: within {x} of a weld the metal keeps about half its strength or less. Keep welds away from the hardest-working places.':
    {
      de: '{memberCount} Stücke aus Aluminium: bis {x} neben einer Naht behält das Metall etwa die halbe Festigkeit oder weniger. Nähte von den höchstbelasteten Stellen fernhalten.',
      es: '{memberCount} piezas de aluminio: a menos de {x} de una soldadura el metal conserva la mitad de su resistencia o menos. Aleje las soldaduras de donde más trabaja.',
    },
  '{pieces} pieces under {marks} marks, {mass} of metal.': {
    de: '{pieces} Stücke unter {marks} Marken, {mass} Metall.',
    es: '{pieces} piezas con {marks} marcas, {mass} de metal.',
  },
  'One bar is there already.': { de: 'Ein Stab ist schon da.', es: 'Una barra ya está.' },
  '{existing} bars are there already.': { de: '{existing} Stäbe sind schon da.', es: '{existing} barras ya están.' },
  '{marks} of {designation}: {length} is longer than the usual {longest}. Ask your yard and name what it sells under “Saw and stock”, or say where the bar is welded together.':
    {
      de: '{marks}, {designation}: {length} ist länger als die üblichen {longest}. Den Händler fragen und unter „Säge und Vorrat“ nennen, was er verkauft, oder sagen, wo der Stab zusammengeschweißt wird.',
      es: '{marks} de {designation}: {length} es más que los habituales {longest}. Pregunte a su almacén y nombre en «Sierra y material» lo que vende, o diga dónde se suelda la barra.',
    },
  '{marks} of {designation}: {length} is longer than every length there is; the longest is good for {longest}. Name a longer one, or say where the bar is welded together.':
    {
      de: '{marks}, {designation}: {length} ist länger als jede Länge, die es gibt; die längste reicht für {longest}. Eine längere nennen, oder sagen, wo der Stab zusammengeschweißt wird.',
      es: '{marks} de {designation}: {length} es más que cualquier longitud que haya; la mayor da para {longest}. Nombre una mayor, o diga dónde se suelda la barra.',
    },
  'No frame to cut yet.': { de: 'Noch kein Rahmen zu schneiden.', es: 'Aún no hay bastidor que cortar.' },
  '{item} is to stand on bars of your own, and no level one lies under it, {case}. Move it, or put a bar there.': {
    de: '{item} soll auf eigenen Stäben stehen, und kein waagrechter liegt darunter, {case}. Versetzen, oder einen Stab dorthin setzen.',
    es: '{item} ha de apoyar en barras propias, y no hay ninguna a nivel debajo, {case}. Muévalo, o ponga una barra allí.',
  },
  '{item} balances beyond the bars that it stands on, {case}: it tips off as soon as its straps give. Move it over two of them.':
    {
      de: '{item} hat den Schwerpunkt außerhalb der Stäbe, auf denen es steht, {case}: es kippt, sobald die Gurte nachgeben. Über zwei davon stellen.',
      es: '{item} equilibra fuera de las barras en que apoya, {case}: vuelca en cuanto cedan sus cinchas. Muévalo sobre dos de ellas.',
    },
  '{name} has no weight yet. Guess it and say that it is a guess.': {
    de: '{name} hat noch kein Gewicht. Schätzen und sagen, dass es geschätzt ist.',
    es: '{name} aún no tiene peso. Supóngalo y diga que es una suposición.',
  },
  'Nothing is aboard yet. Add what it will carry.': {
    de: 'Noch liegt nichts auf. Eintragen, was er tragen soll.',
    es: 'Aún no lleva nada. Añada lo que va a llevar.',
  },
  'Heaviest is {mass}, {case}. Frame, axle and tongue without anything put on are {empty}.': {
    de: 'Am schwersten: {mass}, {case}. Rahmen, Achse und Deichsel ohne alles darauf sind {empty}.',
    es: 'Lo más pesado es {mass}, {case}. Bastidor, eje y lanza sin nada encima son {empty}.',
  },
  'Frame and tongue weigh {mass}.': { de: 'Rahmen und Deichsel wiegen {mass}.', es: 'Bastidor y lanza pesan {mass}.' },
} as const satisfies Phrasebook;
