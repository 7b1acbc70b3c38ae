import type { Phrasebook } from '@kereta/core';

export const saw = {
  'from stick {number}': { de: 'aus Stange {number}', es: 'de la barra {number}' },
  'came out wrong; it lies there for shorter pieces': {
    de: 'falsch geworden; liegt da für kürzere Stücke',
    es: 'salió mal; queda para piezas más cortas',
  },
  '; shares its first cut with the piece before': {
    de: '; teilt den ersten Schnitt mit dem Stück davor',
    es: '; comparte su primer corte con la pieza anterior',
  },
  'Wrong: {mark}': { de: 'Falsch: {mark}', es: 'Mal: {mark}' },
  Wrong: { de: 'Falsch', es: 'Mal' },
  'How long did {mark} come out?': { de: 'Wie lang ist {mark} geworden?', es: '¿Qué largo salió {mark}?' },
  'Over its long points. The rest is planned again from what is left.': {
    de: 'Über die langen Spitzen. Der Rest wird aus dem geplant, was bleibt.',
    es: 'Entre puntas largas. El resto se planea de nuevo con lo que queda.',
  },
  'Stop at': { de: 'Anschlag bei', es: 'Tope a' },
  ', saw {angle} off square': { de: ', Säge {angle} aus dem Winkel', es: ', sierra {angle} fuera de escuadra' },
  'Cut otherwise than wanted': { de: 'Anders geschnitten als gewünscht', es: 'Cortado de otro modo que el pedido' },
  ', cut': { de: ', geschnitten', es: ', cortada' },
  for: { de: 'für', es: 'para' },
  'It will do': { de: 'Es genügt', es: 'Sirve' },
  '{name}, at the saw': { de: '{name}, an der Säge', es: '{name}, en la sierra' },
  '{done} of {count} cut': { de: '{done} von {count} geschnitten', es: '{done} de {count} cortadas' },
  ', laying pieces on sticks …': {
    de: ', Stücke werden auf Stangen verteilt …',
    es: ', repartiendo piezas en barras …',
  },
  'One stop after another': { de: 'Ein Anschlag nach dem anderen', es: 'Un tope tras otro' },
  'The sticks could not be laid out.': {
    de: 'Die Stangen ließen sich nicht aufteilen.',
    es: 'Las barras no se pudieron repartir.',
  },
  'the plan can be looked at here, not ticked off': {
    de: 'der Plan lässt sich hier ansehen, nicht abhaken',
    es: 'el plan se puede ver aquí, no marcar',
  },
  'what was ticked off': { de: 'was abgehakt wurde', es: 'lo marcado' },
  'Measure the first piece of every stop before you cut its twins. Long points are told; angles are told off square. Clamp it, and keep the offcut from falling into the blade.':
    {
      de: 'Das erste Stück jedes Anschlags messen, bevor seine Gleichen geschnitten werden. Angegeben sind lange Spitzen; Winkel aus dem Rechten. Spannen, und das Reststück nicht ins Blatt fallen lassen.',
      es: 'Mida la primera pieza de cada tope antes de cortar sus iguales. Se dan puntas largas; los ángulos, fuera de escuadra. Sujétela, y no deje caer el retal en la hoja.',
    },
} as const satisfies Phrasebook;
