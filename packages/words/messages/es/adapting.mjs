export default {
  counting: {
    vision:
      'Una bandeja con borde y una alfombrilla que no resbale; cosas que se distingan al tacto. Una mano guarda el sitio, la otra avanza.',
    hearing: 'Pregunta con señas. Los números en señas son palabras: mira las manos como escucharías.',
    movement: 'Mueves tú las cosas; el peque dice «ya» con cada una y «para» en la última.',
    speech:
      'El peque señala una tarjeta con el número, o usa su propio aparato, para cada palabra o para la respuesta.',
    language: 'Pregunta en el idioma de la sala y cuenta en el del peque. Anota cuál.',
    attention: 'Tres cosas, dos minutos, y vuelve más tarde ese día.',
  },
  saying: {
    vision: 'Aquí no hay nada que ver. Siéntate cerca y di cuándo empiezas a escuchar.',
    hearing: 'Números en señas, de cara al peque; el ritmo se muestra con una luz o un toque en el brazo.',
    movement:
      'Los pasos y saltos pasan a ser gestos o golpecitos, o te mueves tú y el peque dice la palabra.',
    speech: 'Di tú las palabras despacio; el peque te para donde falta una o está mal.',
    language: 'Una vez en el idioma de la sala y otra en el de casa: un idioma por intento.',
    attention: 'Hasta el cinco, de camino a algún sitio.',
  },
  seeing: {
    vision: 'Formas recortadas para tocar un momento con la mano, o contar cosas en su lugar.',
    hearing: 'Pregunta con señas antes de enseñarlos: mientras se ven no hay nada que oír.',
    movement: 'Nada que hacer con las manos. Gira la pantalla hacia donde mejor mire.',
    speech: 'El peque señala una tarjeta, enseña dedos o usa su propio aparato.',
    language: 'La respuesta vale en cualquier idioma.',
    attention: 'De uno a tres, dos veces, y ya está.',
  },
  writing: {
    vision: 'Un rotulador grueso y oscuro en papel amarillo, o un dedo en una bandeja de arena con borde.',
    hearing: 'Signa el número y deja que vea antes cómo lo forma tu mano.',
    movement:
      'Una tiza corta y gruesa, un plano inclinado, un dedo con pintura. El tamaño aquí no dice nada.',
    speech: 'No hace falta decir nada: muestra el número con los dedos o con un grupo.',
    language: 'Di el número en su lengua; la cifra es la misma.',
    attention: 'Una cifra, una vez. Una página limpia cada vez.',
  },
  reading: {
    vision:
      'Cifras en relieve o en braille, en tarjetas dentro de un marco: así se quedan donde la mano las encontró.',
    hearing: 'Haz la pregunta en signos y deja que mire. Un número en signos es un nombre.',
    movement: 'El niño mira o dice “esa”; tú mueves las tarjetas.',
    speech: 'En vez de decirlo, enseña dedos, señala un grupo o usa su dispositivo.',
    language: 'Vale en cualquier idioma. Anota en cuál.',
    attention: 'Tres tarjetas, y ya está.',
  },
  giving: {
    vision:
      'Una bandeja con borde y una alfombrilla que no resbale; cosas que se distingan al tacto. Una mano guarda el sitio, la otra avanza.',
    hearing: 'Pregunta con señas. Los números en señas son palabras: mira las manos como escucharías.',
    movement: 'Las pasas tú una a una; el peque dice «para».',
    speech:
      'El peque señala una tarjeta con el número, o usa su propio aparato, para cada palabra o para la respuesta.',
    language: 'Pregunta en el idioma de la sala y cuenta en el del peque. Anota cuál.',
    attention: 'Tres cosas, dos minutos, y vuelve más tarde ese día.',
  },
};
