export default {
  who: 'Who sat down',
  whoLine:
    '{name}: {tries, plural, one {1 try} other {# tries}} with {children, plural, one {1 child} other {# children}}',
  months: 'By month',
  monthsNote: 'Children seen counting a row (dotted), sure to 5 (solid), sure to 10 (dashed).',
  ideasIntro: 'What {room} tries after a slip. Next steps use these words.',
  ideaTry: 'Try',
  ideaShipped: 'Ours: {idea}',
  useOurs: 'Use ours',
  seenBy: 'Seen by',
  child: 'Child',
  lastSeen: 'Last seen',
  together: 'Works together today',
  nobodyTogether: 'No two children share a next step at a close number just now.',
  anyone: 'anyone',
  togetherAt: '{task}, {n}',
  togetherFrom: '{task}, {from} to {to}',
};
