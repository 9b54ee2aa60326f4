export default {
  sent: 'Sent ✓',
  offlineClosing: 'No connection – notes kept on this device',
  sendingClosing: 'Sending notes …',
  refused: '{n, plural, one {1 try} other {# tries}} not accepted, kept on this device',
  offline: 'No connection – {n, plural, one {1 try} other {# tries}} kept on this device',
  sending: '{n, plural, one {1 try} other {# tries}} waiting to send',
  aside: '{n, plural, one {1 try} other {# tries}} not accepted, put aside for a lead',
  title: 'Waiting to send',
  refusedOne: 'The server didn’t accept one from {moment}: {why} It is kept here.',
  again: 'Send again',
  forgetForGood: 'Forget it for good',
  forget: 'Forget it …',
  waiting:
    '{n, plural, one {1 try is} other {# tries are}} waiting on this device to be sent ({steps, plural, one {1 step} other {# steps}}).',
  waitsForConnection: 'There is no connection now. Sending starts again by itself.',
  waitsForServer: 'Something went wrong at the server. It is tried again by itself every 20 seconds.',
};
