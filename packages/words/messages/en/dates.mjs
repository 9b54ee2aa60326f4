export default {
  ago: '{days, plural, =0 {today} =1 {yesterday} other {# days ago}}',
  weeksAgo: '{weeks, plural, one {1 week ago} other {# weeks ago}}',
  shortAgo: '{days, plural, =0 {today} other {# d}}',
  shortWeeksAgo: '{weeks} w',
  years: '{years, plural, one {1 year} other {# years}}',
  months: '{months, plural, =0 {under a month} one {1 month} other {# months}}',
  yearsAndMonths:
    '{years, plural, one {1 year} other {# years}} {months, plural, one {1 month} other {# months}}',
};
