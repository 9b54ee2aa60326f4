export default {
  name: 'Nutria dice los números',
  say: 'Nutria está aprendiendo. Escucha: ¿lo ha dicho bien?',
  choosing: {
    question: '¿Lo ha dicho bien Nutria?',
    options: {
      right: 'dijo que estaba bien',
      'not-right': 'dijo que no',
    },
  },
  avoid: 'Ponlo una vez, dos si lo pide. No cambies de cara en el desliz.',
  childDoes: 'dice si la cuenta de la marioneta estaba bien',
  also: 'una marioneta o un calcetín, si tienes',
  easier: 'hasta cinco, con el desliz en el tres',
  harder: 'el peque le enseña a Nutria cómo es',
  otherThings: 'Un tío con sueño, el oso de un cuento, tú misma.',
  adaptations: {
    hearing: 'Las palabras se dicen con señas o se muestran una a una en tarjetas.',
    speech: 'Dos tarjetas para señalar, una sonrisa y una cara de duda.',
  },
  routine: {
    wholeGroup: 'Nutria cuenta a los peques al entrar, y avisan cuando se equivoca.',
    smallGroup: 'Cada peque hace contar a Nutria, bien o con desliz, para los demás.',
    freeTable: 'La marioneta en un cesto, sin pedir nada.',
  },
  sheet: 'lo que dijo Nutria y lo que el peque dijo de ello',
  home: 'Contad los escalones con un desliz, y esperad a que os pillen.',
};
