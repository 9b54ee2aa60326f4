export default {
  where: 'Shown on',
  here: 'this screen',
  window: 'a second window',
  device: 'another device',
  show: 'Show for a moment',
  showing: 'Showing …',
  shown: 'Shown for {s} s. Once only: the next try has other dots.',
  look: 'First have the child look. It shows once, for less than a second.',
  byHand: 'Or use a card or your own hands, just as quickly.',
  how: 'How they knew',
  pair: 'On the other device open {address} and type',
  isThere: 'The other screen is ready.',
  notThere: 'The other screen is not there.',
  noAnswer: 'The other screen didn’t answer. Show it on this one, or pair again.',
  offline: 'Another device needs a connection. Use this screen or a second window.',
  noWindow: 'The window was kept shut by the browser. Allow it, or use this screen.',
  pairAgain: 'Pair again',
  openAgain: 'Open again',
  title: 'The child’s side',
  intro: 'Type the word from the adult’s screen. Nothing of any child comes onto this device.',
  word: 'Word',
  join: 'Pair',
  ended: 'This screen is not paired any more. Type a new word.',
  lost: 'No connection. It goes on by itself when there is one.',
  dots: 'Dots',
  wordList:
    'acorn anchor apple apron arrow basin basket beach beacon bell berry birch bird boat book boot bottle ' +
    'bowl branch bread brick bridge broom brush bucket bush butter button cabin candle canoe carrot ' +
    'castle chalk cheese cherry chest clay cliff cloak clock cloud clover coat comb copper corner cotton ' +
    'cradle crane cricket crumb curtain daisy deck dock donkey door dove drum duck eagle egg elbow elm ' +
    'feather fern ferry field finch fire fish flag flint flower flute fog forest fountain fox frost ' +
    'garden gate glove goose grape grass gravel hammer harbour hare hazel hedge heron hill honey hood ' +
    'hook horn island ivy jacket jam jar jetty kettle key kite ladder lake lamp lantern lark leaf lemon ' +
    'lily lock maple market marsh meadow milk mill mirror mist moon moss moth mouse mud needle nest net ' +
    'oak oar oats ocean onion orchard otter owl paddle path pea pear pebble pepper pigeon pillow pine ' +
    'plank plate plum pocket pond poppy porch potato puddle quay quilt rabbit raft rain reed river robin ' +
    'rock roof root rope rose sail salt sand saucer scarf seed shawl sheep shell ship shore silk silver ' +
    'skipper sky smoke snail snow soap sparrow spoon spring squirrel stable star stone stove straw stream ' +
    'sugar summer swan table teapot thimble thistle thread tide timber tin toast towel tower trout tunnel ' +
    'turnip valley velvet village walnut water wave weather wheat wheel willow wind window winter wood ' +
    'wool wren yarn',
};
