import type { Phrasebook } from '../phrases.js';

export const byHand = {
  '{member} works at {utilisation} {factor}, {case}, at {place}{weldAt}.': {
    de: '{member}: {utilisation} {factor}, {case}, bei {place}{weldAt}.',
    es: '{member} trabaja al {utilisation} {factor}, {case}, a {place}{weldAt}.',
  },
  '{member} works at {utilisation} {factor}, {case}{place}.': {
    de: '{member}: {utilisation} {factor}, {case}{place}.',
    es: '{member} trabaja al {utilisation} {factor}, {case}{place}.',
  },
  ', at the front header': { de: ', am vorderen Stirnträger', es: ', en el cabezal delantero' },
  'The weld there weakens it.': { de: 'Die Naht dort schwächt ihn.', es: 'La soldadura allí la debilita.' },
  '{member} works at {utilisation} {factor}, {case}.': {
    de: '{member}: {utilisation} {factor}, {case}.',
    es: '{member} trabaja al {utilisation} {factor}, {case}.',
  },
  'Other cross-member: {most}.': { de: 'Anderer Querträger: {most}.', es: 'Otro travesaño: {most}.' },
  'Other {count} cross-members and headers: {least} to {most}.': {
    de: 'Weitere {count} Quer- und Stirnträger: {least} bis {most}.',
    es: 'Otros {count} travesaños y cabezales: {least} a {most}.',
  },
  '{subject} {by} under the load; {verdict} {length} is usual.': {
    de: '{subject} {by} unter der Last; {verdict} {length} sind üblich.',
    es: '{subject} {by} bajo la carga; lo habitual es {verdict} {length}.',
  },
  'more than': { de: 'mehr als', es: 'más de' },
  'up to': { de: 'bis zu', es: 'hasta' },
  'at the front header': { de: 'am vorderen Stirnträger', es: 'en el cabezal delantero' },
  '{place} ahead of the bed': { de: '{place} vor der Ladefläche', es: '{place} delante de la caja' },
  'Each {step} less between there and the ball takes off {perInchCloser}.': {
    de: 'Je {step} weniger von dort zur Kugel nimmt {perInchCloser} weg.',
    es: 'Cada {step} menos de ahí a la bola quita {perInchCloser}.',
  },
  'A bar {step} deeper works {perInchDeeper} less: depth helps more than wall.': {
    de: 'Ein {step} höherer Stab ist um {perInchDeeper} weniger ausgelastet: Höhe hilft mehr als Wand.',
    es: 'Una barra {step} más alta trabaja {perInchDeeper} menos: el canto ayuda más que la pared.',
  },
  'The tongue’s longest lever is {where}, {case}.{closer}{depth}': {
    de: 'Der längste Hebel der Deichsel ist {where}, {case}.{closer}{depth}',
    es: 'La palanca más larga de la lanza está {where}, {case}.{closer}{depth}',
  },
  'Suspension unknown: the axle is taken as one point under the rails, which is not how springs hold it.': {
    de: 'Federung unbekannt: die Achse gilt als ein Punkt unter den Längsträgern, was Federn nicht tun.',
    es: 'Suspensión desconocida: el eje se toma como un punto bajo los largueros, que no es como lo sujetan los muelles.',
  },
  'The tongue ends at the front header. How the header passes its bending on to the rails is not checked by hand: run it on under the frame, or have the joint looked at.':
    {
      de: 'Die Deichsel endet am vorderen Stirnträger. Wie der ihre Biegung an die Längsträger weitergibt, wird von Hand nicht geprüft: unter dem Rahmen weiterführen, oder den Anschluss ansehen lassen.',
      es: 'La lanza acaba en el cabezal delantero. Cómo pasa este su flexión a los largueros no se revisa a mano: prolónguela bajo el bastidor, o haga revisar la unión.',
    },
  'Not in this hand check: welds, bolts, twist, braking and cornering, buckling, cracks from years of use.': {
    de: 'Nicht in dieser Handrechnung: Nähte, Schrauben, Verdrehung, Bremsen und Kurven, Knicken, Risse aus Jahren.',
    es: 'No entra en este cálculo a mano: soldaduras, tornillos, torsión, frenada y curvas, pandeo, grietas por los años.',
  },
  'Bending cannot be worked out until there is a frame, a tongue and an axle behind the ball.': {
    de: 'Biegung lässt sich erst rechnen, wenn es einen Rahmen, eine Deichsel und eine Achse hinter der Kugel gibt.',
    es: 'La flexión no se calcula hasta que haya bastidor, lanza y un eje detrás de la bola.',
  },
} as const satisfies Phrasebook;
