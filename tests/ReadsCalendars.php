<?php

declare(strict_types=1);

namespace Tests;

use StoneMill\Tests\Said;
use Symfony\Component\Process\Process;

/** A calendar as a program of another make reads it. */
trait ReadsCalendars
{
    /** @return list<array{uid: string, start: string, end: string, summary: string, alarms: int}> as Debian's icalendar for Python has it */
    private static function readByAnotherProgram(string $file): array
    {
        $script = <<<'PY'
            import json, sys
            from icalendar import Calendar
            calendar = Calendar.from_ical(sys.stdin.buffer.read())
            assert calendar["VERSION"] == "2.0" and calendar["PRODID"]
            events = [event for event in calendar.walk("VEVENT")]
            assert not calendar.errors and not any(event.errors for event in events)
            print(json.dumps([{
                "uid": str(event["UID"]), "start": event.decoded("DTSTART").isoformat(), "end": event.decoded("DTEND").isoformat(),
                "summary": str(event["SUMMARY"]), "alarms": len(event.walk("VALARM")),
            } for event in events]))
            PY;
        $python = new Process(['/usr/bin/python3', '-c', $script], input: $file);
        $python->mustRun();
        $event = static fn (Said $event): array => ['uid' => $event['uid']->text(), 'start' => $event['start']->text(), 'end' => $event['end']->text(), 'summary' => $event['summary']->text(), 'alarms' => $event['alarms']->whole()];

        return array_map($event, Said::json($python->getOutput())->listed());
    }
}
