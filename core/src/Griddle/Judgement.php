<?php

declare(strict_types=1);

namespace StoneMill\Griddle;

use StoneMill\School\TurnAction;

/** What a cook would say of a bake, the gravest first. */
final readonly class Judgement
{
    /** Planning estimates of where eyes and fingers draw the line. */
    private const STICKS_BELOW = 0.7;

    private const TOO_DRY = 1.3;

    private const TOO_WET = 0.7;

    private const PALE = 0.06;

    private const DARK = 0.68;

    private const UNEVEN = 0.45;

    /** Where the oils that cooks use begin to smoke: 190–230 °C for most. */
    private const SMOKES_CELSIUS = 225.0;

    public function __construct(private PlannedBake $baked)
    {
    }

    /** @return list<array{id: string, text: string, harm: bool}> */
    public function words(): array
    {
        return array_values(array_filter([
            ...array_map(static fn (Missed $missed): array => self::word($missed->id, $missed->text), $this->baked->unset()),
            $this->aboutSticking(),
            $this->aboutTheMiddle(),
            ...$this->aboutTheFaces(),
            $this->aboutSmoke(),
            $this->aboutWater(),
            $this->aboutPuff(),
        ]));
    }

    /** From 0 to 100: what is wrong takes points off. Planning weights. */
    public function points(): int
    {
        $off = 0;
        foreach ($this->words() as $word) {
            $off += match (true) {
                $word['harm'] => 25,
                $word['id'] === 'puffs' => 0,
                default => 10,
            };
        }

        return max(0, 100 - $off);
    }

    /** @return array{id: string, text: string, harm: bool}|null */
    private function aboutSticking(): ?array
    {
        $first = $this->firstTurned();
        $oiled = $this->baked->laying->grease->usesFat() || $this->baked->laying->bread->matter->isOily;

        return $first !== null && ! $oiled && $first->setShare < self::STICKS_BELOW
            ? self::word('sticks', 'Turned before the first face had set: it sticks or tears. Wait until the rim lets go.')
            : null;
    }

    private function firstTurned(): ?TouchState
    {
        foreach ($this->baked->work->touched as $state) {
            if ($state->action->turnsOver()) {
                return $state;
            }
        }

        return null;
    }

    /** @return array{id: string, text: string, harm: bool}|null */
    private function aboutTheMiddle(): ?array
    {
        $centre = $this->baked->hottestCentreCelsius();
        $wanted = $this->baked->laying->aim->doneCelsius;

        return $centre < $wanted - 0.5
            ? self::word('raw', sprintf('The middle came to %.0f °C only; %.0f °C are wanted. Thinner, longer, less heat, or a lid or the oven.', $centre, $wanted))
            : null;
    }

    /** @return list<array{id: string, text: string, harm: bool}> */
    private function aboutTheFaces(): array
    {
        $words = [];
        $faces = $this->baked->faces();
        foreach ($faces as $face) {
            if ($face->shade >= Face::BURNT) {
                $words[] = self::word('burnt', sprintf('The %s face is burnt in spots: less heat, or turn sooner.', $face->name));
            } elseif ($face->shade >= self::DARK) {
                $words[] = self::hint('dark', sprintf('The %s face is dark.', $face->name));
            } elseif ($face->shade < self::PALE && $face->contactSeconds > 0) {
                $words[] = self::hint('pale', sprintf('The %s face stays pale.', $face->name));
            }
        }
        if (count($faces) === 2 && min($faces[0]->contactSeconds, $faces[1]->contactSeconds) > 0 && abs($faces[0]->shade - $faces[1]->shade) > self::UNEVEN) {
            $words[] = self::hint('uneven', 'One face has far more colour than the other.');
        }

        return $words;
    }

    /** @return array{id: string, text: string, harm: bool}|null */
    private function aboutSmoke(): ?array
    {
        $oiled = $this->baked->laying->grease->usesFat();

        return $oiled && $this->baked->laying->surfaceCelsius() > self::SMOKES_CELSIUS
            ? self::word('smoke', sprintf('Many oils smoke on metal of %.0f °C. Smoking oil is close to fire: turn down.', $this->baked->laying->surfaceCelsius()))
            : null;
    }

    /** @return array{id: string, text: string, harm: bool}|null */
    private function aboutWater(): ?array
    {
        $loss = $this->baked->work->bake->lossShare();
        $wanted = $this->baked->laying->aim->lossShare;

        return match (true) {
            $loss > self::TOO_DRY * $wanted => self::word('dry', sprintf('It lost %.0f %% of its weight; about %.0f %% keep it soft. It will be stiff.', 100 * $loss, 100 * $wanted)),
            $loss < self::TOO_WET * $wanted => self::hint('heavy', sprintf('It lost %.0f %% of its weight; about %.0f %% are usual. It stays heavy and may sweat in the stack.', 100 * $loss, 100 * $wanted)),
            default => null,
        };
    }

    /** @return array{id: string, text: string, harm: bool}|null */
    private function aboutPuff(): ?array
    {
        if ($this->baked->work->bake->isPuffed()) {
            return self::hint('puffs', 'Both faces held the steam: it puffs.');
        }
        foreach ($this->baked->work->touched as $state) {
            if (in_array($state->action, [TurnAction::Press, TurnAction::PressDown], true) && ! $state->couldPuff) {
                return self::hint('no-puff', 'It was pressed before both faces held steam, or once the middle was too dry: no puff.');
            }
        }

        return null;
    }

    /** @return array{id: string, text: string, harm: bool} */
    private static function word(string $id, string $text): array
    {
        return ['id' => $id, 'text' => $text, 'harm' => true];
    }

    /** @return array{id: string, text: string, harm: bool} */
    private static function hint(string $id, string $text): array
    {
        return ['id' => $id, 'text' => $text, 'harm' => false];
    }
}
