/** The language itself, as it is offered and as dates and numbers are written in it. */
export default { name: 'English', locale: 'en-GB', direction: 'ltr', isRead: true };
