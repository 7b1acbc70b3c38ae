import { asProject, DEMO_TRAILERS, dueOf, type ProjectRecord, servicePlan, type Trailer } from '@kereta/core';
import ICAL from 'ical.js';
import { describe, expect, test } from 'vitest';
import { calendarFile } from './calendarFile';

const apiary = DEMO_TRAILERS[0] as Trailer;
const towed: ProjectRecord = {
  ...asProject(apiary).record,
  entries: [{ kind: 'task', id: 't', date: '2026-04-01', taskId: 'first-tow', state: 'done' }],
};

describe('the calendar file', () => {
  test('read back, every dated service stands on its day with its words; lines end as RFC 5545 wants them', () => {
    const dues = dueOf(servicePlan(apiary), towed, '2026-05-01');
    const text = calendarFile({ id: apiary.id, name: 'Apiary; "the flatbed", second' }, dues);
    expect(text).toMatch(/^BEGIN:VCALENDAR\r\n/);
    expect(text.split('\r\n').every((line) => new TextEncoder().encode(line).length <= 75)).toBe(true);
    const events = new ICAL.Component(ICAL.parse(text) as never).getAllSubcomponents('vevent');
    const dated = dues.filter(({ day }) => day !== undefined);
    expect(events).toHaveLength(dated.length);
    events.forEach((event, i) => {
      const read = new ICAL.Event(event);
      expect(read.startDate.toString()).toBe(dated[i]?.day);
      expect(read.startDate.isDate).toBe(true);
      expect(read.summary).toContain('Apiary; "the flatbed", second: ');
    });
    expect(new Set(events.map((event) => new ICAL.Event(event).uid)).size).toBe(events.length);
  });
});
