export default {
  chooseFirst: 'Elige primero tu nombre',
  codeOf: 'Código de {name}',
  choose: 'Elige tu nombre',
  comeIn: 'Entrar',
  who: '¿Quién está aquí?',
  adults: 'Personas adultas',
  noServer: '{problem} Todo lo que anotaste está a salvo en este dispositivo.',
  once: 'Conecta este dispositivo una vez. Después, cada cual entra con un código corto.',
  email: 'Correo',
  password: 'Contraseña',
  signIn: 'Conectar este dispositivo',
  offlineOne: 'Sin conexión con el servidor: solo puede entrar {name}, que fue quien estuvo por última vez.',
  offlineNobody:
    'Sin conexión con el servidor: ahora no puede entrar nadie. Todo lo anotado está a salvo en este dispositivo.',
  wait: 'Demasiados códigos equivocados. Espera {n, plural, one {1 segundo} other {# segundos}} y prueba otra vez.',
  wrongCode: 'Ese código no es el de {name}.',
};
