<?php

declare(strict_types=1);

namespace StoneMill\Record;

use StoneMill\Griddle\TurnWindow;
use StoneMill\School\TurnAction;

/** Why each touch comes when it comes, in a line that can be read in passing. */
final class TouchReasons
{
    /**
     * @param non-empty-list<TurnWindow> $touches
     * @return list<string> of the lay, then of each touch
     */
    public static function of(array $touches): array
    {
        $reasons = ['A place is hot and free, and hands have time.'];
        $last = count($touches) - 1;
        foreach ($touches as $index => $touch) {
            $reasons[] = match (true) {
                $touch->action === TurnAction::Lift => $last === 0 ? 'It has set through and comes off.' : 'Both faces have their colour and the middle is done.',
                $touch->action === TurnAction::Press => 'Both faces are sealed: pressed now, its steam lifts the layers.',
                $touch->action === TurnAction::PressDown => 'Pressed as it lies, it dries and crisps where it bulges.',
                $touch->action === TurnAction::Wet => 'A wet top stays supple and does not crack while the other face cooks.',
                $touch->action === TurnAction::Brush => 'Fat on the open face comes to the metal with the next turn: it colours evenly.',
                $index === 0 => 'The face below has set and lets go.',
                $index === $last - 1 => 'The face below has its colour.',
                default => 'The face below has cooked; the other goes on.',
            };
        }

        return $reasons;
    }
}
