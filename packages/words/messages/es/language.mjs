export default { name: 'Español', locale: 'es-ES', direction: 'ltr', isRead: false };
