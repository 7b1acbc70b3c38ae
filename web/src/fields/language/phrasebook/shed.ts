import type { Phrasebook } from '@kereta/core';

export const shed = {
  'Deleted in the last 30 days: {count}': {
    de: 'In den letzten 30 Tagen gelöscht: {count}',
    es: 'Borrados en los últimos 30 días: {count}',
  },
  'deleted {deletedAt}': { de: 'gelöscht {deletedAt}', es: 'borrado {deletedAt}' },
  'Bring back': { de: 'Zurückholen', es: 'Recuperar' },
  'Before you start': { de: 'Bevor es losgeht', es: 'Antes de empezar' },
  'Before you start.': { de: 'Bevor es losgeht.', es: 'Antes de empezar.' },
  'Kereta does the sums a careful builder does by hand, and shows them. It says what it checked and what it did not. A trailer can hurt people: coupler, chains, brakes and welds want your own eyes, your local law, and a licensed engineer or inspector. Your work stays in this browser; export it to keep it.':
    {
      de: 'Kereta macht die Rechnungen, die ein sorgfältiger Erbauer von Hand macht, und zeigt sie. Es sagt, was es geprüft hat und was nicht. Ein Anhänger kann Menschen verletzen: Kupplung, Ketten, Bremsen und Nähte wollen die eigenen Augen, das örtliche Recht und einen zugelassenen Ingenieur oder Prüfer. Die Arbeit bleibt in diesem Browser; exportieren, um sie zu behalten.',
      es: 'Kereta hace las cuentas que un constructor cuidadoso hace a mano, y las muestra. Dice lo que revisó y lo que no. Un remolque puede herir a alguien: enganche, cadenas, frenos y soldaduras piden sus propios ojos, la ley local y un ingeniero o inspector habilitado. Su trabajo queda en este navegador; expórtelo para conservarlo.',
    },
  Understood: { de: 'Verstanden', es: 'Entendido' },
  '{what} This browser did not take it: it may be out of room. Nothing was changed.': {
    de: '{what} Dieser Browser hat es nicht angenommen: vielleicht ist kein Platz mehr. Nichts wurde geändert.',
    es: '{what} Este navegador no lo aceptó: quizá no quede sitio. Nada cambió.',
  },
  '{count} trailers are in the shed now.': {
    de: '{count} Anhänger stehen jetzt im Schuppen.',
    es: 'Ahora hay {count} remolques en el cobertizo.',
  },
  'New trailer': { de: 'Neuer Anhänger', es: 'Remolque nuevo' },
  'The new trailer could not be made.': {
    de: 'Der neue Anhänger ließ sich nicht anlegen.',
    es: 'No se pudo crear el remolque nuevo.',
  },
  '{name} could not be copied.': { de: '{name} ließ sich nicht kopieren.', es: '{name} no se pudo copiar.' },
  '{name}, copy': { de: '{name}, Kopie', es: '{name}, copia' },
  '{stored} could not be deleted.': { de: '{stored} ließ sich nicht löschen.', es: '{stored} no se pudo borrar.' },
  'It could not be brought back.': { de: 'Es ließ sich nicht zurückholen.', es: 'No se pudo recuperar.' },
  'The shed could not be exported.': {
    de: 'Der Schuppen ließ sich nicht exportieren.',
    es: 'No se pudo exportar el cobertizo.',
  },
  'The shed': { de: 'Der Schuppen', es: 'El cobertizo' },
  'All trailers in one file, to keep or to bring back elsewhere': {
    de: 'Alle Anhänger in einer Datei, zum Aufheben oder um sie anderswo zurückzuholen',
    es: 'Todos los remolques en un archivo, para guardar o recuperar en otro sitio',
  },
  'Export all': { de: 'Alle exportieren', es: 'Exportar todo' },
  'Trailers or a whole shed that was exported; files can be dropped here, too': {
    de: 'Anhänger oder ein ganzer Schuppen, der exportiert wurde; Dateien lassen sich auch hierher ziehen',
    es: 'Remolques o un cobertizo entero exportado; también puede soltar archivos aquí',
  },
  'Open files': { de: 'Dateien öffnen', es: 'Abrir archivos' },
  'By six questions': { de: 'Mit sechs Fragen', es: 'Con seis preguntas' },
  'Trailer files': { de: 'Anhängerdateien', es: 'Archivos de remolque' },
  '{justDeleted} deleted.': { de: '{justDeleted} gelöscht.', es: '{justDeleted}: borrado.' },
  'This browser did not hand its trailers out. Load the page again; nothing was changed.': {
    de: 'Dieser Browser hat seine Anhänger nicht herausgegeben. Die Seite neu laden; nichts wurde geändert.',
    es: 'Este navegador no entregó sus remolques. Cargue la página de nuevo; nada cambió.',
  },
  'Opening the shed …': { de: 'Der Schuppen wird geöffnet …', es: 'Abriendo el cobertizo …' },
  Trailers: { de: 'Anhänger', es: 'Remolques' },
  'No trailer here yet. Make a new one, or open or drop a file.': {
    de: 'Hier steht noch kein Anhänger. Einen neuen anlegen, oder eine Datei öffnen oder hierher ziehen.',
    es: 'Aún no hay remolques. Cree uno, o abra o suelte un archivo.',
  },
  'Trailers are kept in this browser for {origin}; another name or port is another shed.': {
    de: 'Anhänger liegen in diesem Browser für {origin}; ein anderer Name oder Port ist ein anderer Schuppen.',
    es: 'Los remolques se guardan en este navegador para {origin}; otro nombre o puerto es otro cobertizo.',
  },
  'Kereta’s own address is': { de: 'Keretas eigene Adresse ist', es: 'La dirección propia de Kereta es' },
  ': what you made there is there.': {
    de: ': was dort angelegt wurde, ist dort.',
    es: ': lo que hizo allí está allí.',
  },
  'Less than 0.1 MB': { de: 'Weniger als 0,1 MB', es: 'Menos de 0,1 MB' },
  'Nothing of it was exported from here yet: a file beside the browser survives it.': {
    de: 'Von hier wurde noch nichts exportiert: eine Datei neben dem Browser überlebt ihn.',
    es: 'Aún no se ha exportado nada de aquí: un archivo fuera del navegador lo sobrevive.',
  },
  'Exported last {days}.': { de: 'Zuletzt exportiert: {days}.', es: 'Exportado por última vez {days}.' },
  today: { de: 'heute', es: 'hoy' },
  yesterday: { de: 'gestern', es: 'ayer' },
  '{days} days ago': { de: 'vor {days} Tagen', es: 'hace {days} días' },
  'The last export is {days} days old, and trailers were changed since: export all again.': {
    de: 'Der letzte Export ist {days} Tage alt, und seither wurden Anhänger geändert: wieder alle exportieren.',
    es: 'La última exportación tiene {days} días, y desde entonces cambiaron remolques: exporte todo de nuevo.',
  },
  'Kereta works here without a network.': {
    de: 'Kereta arbeitet hier ohne Netz.',
    es: 'Kereta funciona aquí sin red.',
  },
  'Kereta is being kept for work without a network …': {
    de: 'Kereta wird für die Arbeit ohne Netz gesichert …',
    es: 'Kereta se está guardando para trabajar sin red …',
  },
  '{usedBytes} are kept{quotaBytes}.': {
    de: '{usedBytes} sind belegt{quotaBytes}.',
    es: 'Hay {usedBytes} guardados{quotaBytes}.',
  },
  ', {quotaBytes} would fit': { de: ', {quotaBytes} hätten Platz', es: ', cabrían {quotaBytes}' },
  'The browser has promised to keep them.': {
    de: 'Der Browser hat versprochen, sie zu behalten.',
    es: 'El navegador ha prometido conservarlos.',
  },
  'The browser may throw them away when it runs short of room.': {
    de: 'Der Browser darf sie wegwerfen, wenn ihm der Platz ausgeht.',
    es: 'El navegador puede tirarlos si le falta sitio.',
  },
  Storage: { de: 'Speicher', es: 'Almacenamiento' },
  'Over this address the browser keeps no page without a network and no screen awake: it is not a secure one.': {
    de: 'Über diese Adresse behält der Browser keine Seite ohne Netz und hält keinen Bildschirm wach: sie ist nicht verschlüsselt.',
    es: 'Con esta dirección el navegador no guarda la página sin red ni mantiene la pantalla despierta: no es cifrada.',
  },
  'The frame could not be analysed.': {
    de: 'Der Rahmen ließ sich nicht rechnen.',
    es: 'El bastidor no se pudo calcular.',
  },
  'The frame is being analysed …': { de: 'Der Rahmen wird gerechnet …', es: 'El bastidor se está calculando …' },
  'Duplicate {name}': { de: '{name} verdoppeln', es: 'Duplicar {name}' },
  Duplicate: { de: 'Verdoppeln', es: 'Duplicar' },
  'Export {name}': { de: '{name} exportieren', es: 'Exportar {name}' },
  'Delete {name}': { de: '{name} löschen', es: 'Borrar {name}' },
  Delete: { de: 'Löschen', es: 'Borrar' },
  'This trailer cannot be opened.': {
    de: 'Dieser Anhänger lässt sich nicht öffnen.',
    es: 'Este remolque no se puede abrir.',
  },
  '1 entry': { de: '1 Eintrag', es: '1 entrada' },
  '{count} entries': { de: '{count} Einträge', es: '{count} entradas' },
  '{name} (from file)': { de: '{name} (aus Datei)', es: '{name} (de archivo)' },
  '{name} was changed just now in another tab: what was noted elsewhere did not come in, try again.': {
    de: '{name} wurde eben in einem anderen Tab geändert: anderswo Notiertes kam nicht herein, noch einmal versuchen.',
    es: '{name} se cambió ahora mismo en otra pestaña: lo anotado en otro sitio no entró, pruebe otra vez.',
  },
  '{taken} noted elsewhere came into the record of {name}.': {
    de: '{taken} von anderswo kam ins Buch von {name}.',
    es: '{taken} anotado en otro sitio entró en el registro de {name}.',
  },
  '{count} say something else here; what was here stays.': {
    de: '{count} sagen hier etwas anderes; was hier stand, bleibt.',
    es: '{count} dicen otra cosa aquí; queda lo que estaba.',
  },
  'Its design is another: it stands beside as {name}.': {
    de: 'Der Entwurf ist ein anderer: er steht daneben als {name}.',
    es: 'Su diseño es otro: queda al lado como {name}.',
  },
  '{name}, trailer {place}: {problem}': {
    de: '{name}, Anhänger {place}: {problem}',
    es: '{name}, remolque {place}: {problem}',
  },
  '{name}: {name2} was read, but this browser did not take it: it may be out of room.': {
    de: '{name}: {name2} wurde gelesen, aber dieser Browser hat es nicht angenommen: vielleicht ist kein Platz mehr.',
    es: '{name}: {name2} se leyó, pero este navegador no lo aceptó: quizá no quede sitio.',
  },
  '{name}: a photo could not be taken in.': {
    de: '{name}: ein Foto ließ sich nicht übernehmen.',
    es: '{name}: no se pudo tomar una foto.',
  },
} as const satisfies Phrasebook;
