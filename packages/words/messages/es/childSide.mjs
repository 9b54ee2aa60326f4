export default {
  where: 'Se ve en',
  here: 'esta pantalla',
  window: 'una segunda ventana',
  device: 'otro aparato',
  show: 'Enseñar un momento',
  showing: 'Enseñando …',
  shown: 'Se vio {s} s. Solo una vez: el próximo intento tiene otros puntos.',
  look: 'Primero, que el peque mire. Se ve una vez, menos de un segundo.',
  byHand: 'O usa una tarjeta o tus manos, igual de rápido.',
  how: 'Cómo lo supo',
  pair: 'En el otro aparato abre {address} y escribe',
  isThere: 'La otra pantalla está lista.',
  notThere: 'La otra pantalla no está.',
  noAnswer: 'La otra pantalla no respondió. Enséñalo en esta o empareja otra vez.',
  offline: 'Otro aparato necesita conexión. Usa esta pantalla o una segunda ventana.',
  noWindow: 'El navegador no dejó abrir la ventana. Permítelo o usa esta pantalla.',
  pairAgain: 'Emparejar otra vez',
  openAgain: 'Abrir otra vez',
  title: 'El lado del peque',
  intro: 'Escribe la palabra de la pantalla del adulto. A este aparato no llega nada de ningún peque.',
  word: 'Palabra',
  join: 'Emparejar',
  ended: 'Esta pantalla ya no está emparejada. Escribe otra palabra.',
  lost: 'Sin conexión. Sigue solo cuando la haya.',
  dots: 'Puntos',
  wordList:
    'abeja abeto abrigo agua ala alga amapola ancla arado arco arena arroz avena azahar balsa banco barca ' +
    'barco barro bolsa bosque bota brisa buey burro cabra caja calle cama campo canal canela canoa capa ' +
    'carro carta casa cebolla cereza cesta cielo ciervo cima ciruela clavo cobre cofre colina concha copa ' +
    'corcho cordero corona costa cuadro cubo cuchara cuerda cueva dedal espiga espuma establo estrella ' +
    'falda faro feria flauta flor foca fuego fuente galleta gallo ganso gorro gota granja grillo hada ' +
    'hielo hierba higo hoja horno huerta huevo isla jabalina jarra jarro judia junco ladrillo lago lana ' +
    'laurel leche lechuza liebre lima lino lirio llave lluvia luna luz madera maleta manta manzana mapa ' +
    'mar marea mercado mesa miel mimbre molino monte mora muelle musgo nave nido niebla nieve noria nube ' +
    'nuez ola olivo olla oso oveja pala palo paloma panal papel patio pato peine pera perla pez piedra ' +
    'pino pinza plaza pluma pozo prado puente puerta puerto queso rama rana red regadera reloj remo risco ' +
    'roble roca rosa rueda ruta sal seda selva semilla senda sierra silla sol sombrero tambor tapa taza ' +
    'techo teja tejado tela tierra tigre toalla torre trapo trigo trineo trompo trueno tubo uva vaca ' +
    'valle vapor vaso vela velero verano viento violeta yate yegua zorro zueco',
};
