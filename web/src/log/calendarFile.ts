import { type Due, SERVICE_HOW, SERVICE_NAMES } from '@kereta/core';
import ICAL from 'ical.js';
import { t } from '../fields/language/t';

/** What is due on a day, each as an event of that whole day, for any calendar (RFC 5545). What goes by distance alone is left out. */
export const calendarFile = (trailer: { readonly id: string; readonly name: string }, dues: readonly Due[]): string => {
  const calendar = new ICAL.Component('vcalendar');
  calendar.updatePropertyWithValue('version', '2.0');
  calendar.updatePropertyWithValue('prodid', '-//Kereta//Service plan//EN');
  const stamp = ICAL.Time.fromJSDate(new Date(), true);
  for (const { task, day } of dues) {
    if (day === undefined) continue;
    const event = new ICAL.Component('vevent');
    event.updatePropertyWithValue('uid', `${task.code}.${trailer.id}@kereta`);
    event.updatePropertyWithValue('dtstamp', stamp);
    event.updatePropertyWithValue('dtstart', ICAL.Time.fromDateString(day));
    event.updatePropertyWithValue('summary', `${trailer.name}: ${t(SERVICE_NAMES[task.code])}`);
    event.updatePropertyWithValue('description', t(SERVICE_HOW[task.code]));
    calendar.addSubcomponent(event);
  }
  return `${calendar.toString()}\r\n`;
};
