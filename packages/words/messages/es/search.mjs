export default {
  title: 'Buscar',
  what: 'Una criatura, una tarea o un ajuste',
  key: 'Buscar, tecla /',
  tasks: 'Tareas',
  with: '{task}: ¿con quién?',
  nothing: 'Nada se llama así.',
  loading: 'Buscando a las criaturas …',
};
