/** No language: English in other letters, longer and from right to left, to try the app's seams with. Not offered. */
export default { name: 'Mirrored', locale: 'ar', direction: 'rtl', isRead: false, madeFrom: 'en' };
