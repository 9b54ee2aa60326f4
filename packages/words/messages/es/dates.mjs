export default {
  ago: '{days, plural, =0 {hoy} =1 {ayer} other {hace # días}}',
  weeksAgo: '{weeks, plural, one {hace 1 semana} other {hace # semanas}}',
  shortAgo: '{days, plural, =0 {hoy} other {# d}}',
  shortWeeksAgo: '{weeks} sem',
  years: '{years, plural, one {1 año} other {# años}}',
  months: '{months, plural, =0 {menos de un mes} one {1 mes} other {# meses}}',
  yearsAndMonths:
    '{years, plural, one {1 año} other {# años}} y {months, plural, one {1 mes} other {# meses}}',
};
