<?php

declare(strict_types=1);

namespace App\Http;

use DateTimeImmutable;
use DateTimeInterface;
use DateTimeZone;
use Sabre\VObject\Component;
use Sabre\VObject\Component\VCalendar;
use StoneMill\Line\RunRow;
use StoneMill\Line\RunSheet;

/** A run sheet as iCalendar (RFC 5545): one event for each thing to begin, in UTC. */
final class CalendarFile
{
    /** Begins to be looked for so many minutes before. */
    private const ALARM = '-PT2M';

    /** @param DateTimeInterface $changedAt when the plan last changed, so that the same plan gives the same bytes */
    public static function of(RunSheet $sheet, string $batch, DateTimeInterface $changedAt): string
    {
        $utc = new DateTimeZone('UTC');
        $calendar = new VCalendar([], false);
        $calendar->add('VERSION', '2.0');
        $calendar->add('PRODID', '-//Stone Mill//Timeline//EN');
        $calendar->add('NAME', $sheet->title);
        foreach ($sheet->rows as $row) {
            $event = $calendar->createComponent('VEVENT', null, false);
            $event->add('UID', sprintf('%s-%s@stone-mill.invalid', $batch, $row->what));
            $event->add('DTSTAMP', DateTimeImmutable::createFromInterface($changedAt)->setTimezone($utc));
            $event->add('DTSTART', $row->from->setTimezone($utc));
            // An end is later than its start (RFC 5545, 3.8.2.2): what takes no time is given a minute.
            $event->add('DTEND', max($row->until, $row->from->modify('+1 minute'))->setTimezone($utc));
            $event->add('SUMMARY', sprintf('%s: %s', $sheet->title, $row->says));
            if ($row->detail !== '') {
                $event->add('DESCRIPTION', $row->detail);
            }
            self::alarm($calendar, $event, $row);
            $calendar->add($event);
        }

        return $calendar->serialize();
    }

    private static function alarm(VCalendar $calendar, Component $event, RunRow $row): void
    {
        $alarm = $calendar->createComponent('VALARM', null, false);
        $alarm->add('ACTION', 'DISPLAY');
        $alarm->add('DESCRIPTION', $row->says);
        $alarm->add('TRIGGER', self::ALARM);
        $event->add($alarm);
    }
}
