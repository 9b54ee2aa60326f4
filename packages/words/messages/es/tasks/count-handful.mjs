export default {
  name: 'Un puñado',
  say: '{organise, select, before {Saca un puñado de la bolsa. Ponlos de modo que se puedan contar, y cuéntalos.} other {Saca un puñado de la bolsa y cuenta lo que has cogido.}}',
  thenSay: '¿Cuántos te han salido?',
  avoid: 'No cuentes con el niño ni digas cuántos crees que hay.',
  childDoes: 'saca un puñado y averigua cuántos hay',
  setOut: 'en una bolsa; no sabes cuántos van a salir',
  also: 'una bolsa en la que meter la mano',
  easier: 'menos en la bolsa, o cosas más grandes',
  harder: 'dos puñados, o un marco donde ponerlos',
  otherThings: 'Piedrecitas, botones, pinzas de la ropa.',
  routine: {
    wholeGroup: 'La bolsa da la vuelta al corro: ¿cuántos has pescado?',
    smallGroup: 'Dos puñados lado a lado, contados y apuntados.',
    freeTable: 'Una bolsa, una bandeja y un papel para dibujar cuántos.',
  },
  sheet: 'cuántos dijo el niño, cuántos había y cómo los puso',
  home: 'Un puñado de macarrones antes de echarlo a la olla.',
};
