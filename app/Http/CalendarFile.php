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

/** Run sheets as iCalendar (RFC 5545): one event for each thing to begin, in UTC. */
final readonly class CalendarFile
{
    /** Begins to be looked for so many minutes before. */
    private const ALARM = '-PT2M';

    private DateTimeZone $utc;

    /** @param string|null $day YYYY-MM-DD in UTC, where only what begins on it is wanted */
    private function __construct(private VCalendar $calendar, private ?string $day)
    {
        $this->utc = new DateTimeZone('UTC');
    }

    public static function named(string $name, ?string $day = null): self
    {
        $calendar = new VCalendar([], false);
        $calendar->add('VERSION', '2.0');
        $calendar->add('PRODID', '-//Stone Mill//Timeline//EN');
        $calendar->add('NAME', $name);

        return new self($calendar, $day);
    }

    /** @param DateTimeInterface $changedAt when the plan last changed, so that the same plan gives the same bytes */
    public static function of(RunSheet $sheet, string $batch, DateTimeInterface $changedAt): string
    {
        $file = self::named($sheet->title);
        $file->sheet($sheet, $batch, $changedAt);

        return $file->text();
    }

    /** What is to be done of a batch, each with its alarm. */
    public function sheet(RunSheet $sheet, string $batch, DateTimeInterface $changedAt): void
    {
        foreach ($sheet->rows as $row) {
            $event = $this->event("$batch-$row->what", sprintf('%s: %s', $sheet->title, $row->says), $row->from, $row->until, $changedAt);
            if ($event === null) {
                continue;
            }
            if ($row->detail !== '') {
                $event->add('DESCRIPTION', $row->detail);
            }
            $this->alarm($event, $row);
        }
    }

    /** A batch that is finished, as one event. */
    public function made(string $bread, string $batch, DateTimeInterface $from, DateTimeInterface $until, DateTimeInterface $changedAt): void
    {
        $this->event("$batch-made", "Made: $bread", DateTimeImmutable::createFromInterface($from), DateTimeImmutable::createFromInterface($until), $changedAt);
    }

    public function text(): string
    {
        return $this->calendar->serialize();
    }

    private function event(string $uid, string $summary, DateTimeImmutable $from, DateTimeImmutable $until, DateTimeInterface $changedAt): ?Component
    {
        $from = $from->setTimezone($this->utc);
        if ($this->day !== null && $from->format('Y-m-d') !== $this->day) {
            return null;
        }
        $event = $this->calendar->createComponent('VEVENT', null, false);
        $event->add('UID', "$uid@stone-mill.invalid");
        $event->add('DTSTAMP', DateTimeImmutable::createFromInterface($changedAt)->setTimezone($this->utc));
        $event->add('DTSTART', $from);
        // An end is later than its start (RFC 5545, 3.8.2.2): what takes no time is given a minute.
        $event->add('DTEND', max($until, $from->modify('+1 minute'))->setTimezone($this->utc));
        $event->add('SUMMARY', $summary);
        $this->calendar->add($event);

        return $event;
    }

    private function alarm(Component $event, RunRow $row): void
    {
        $alarm = $this->calendar->createComponent('VALARM', null, false);
        $alarm->add('ACTION', 'DISPLAY');
        $alarm->add('DESCRIPTION', $row->says);
        $alarm->add('TRIGGER', self::ALARM);
        $event->add($alarm);
    }
}
