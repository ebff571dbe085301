<?php

declare(strict_types=1);

namespace StoneMill\Fault;

use StoneMill\Plan\RequestChange;

/** What to do about it now, with its amounts. */
final readonly class Act
{
    /**
     * @param float|null $waterGrams to be worked in, if that is the act
     * @param float|null $dryMixFlourGrams flour of the dry mix to be worked in, if that is the act
     * @param RequestChange|null $change of the running batch; null where hands do all of it
     */
    private function __construct(public NowAct $kind, public string $text, public ?float $waterGrams, public ?float $dryMixFlourGrams, public ?RequestChange $change)
    {
    }

    public static function by(NowAct $kind, string $text): self
    {
        return new self($kind, $text, null, null, null);
    }

    public static function workingIn(NowAct $kind, string $text, float $waterGrams, float $dryMixFlourGrams): self
    {
        return new self($kind, $text, $waterGrams, $dryMixFlourGrams, null);
    }

    public static function replanning(NowAct $kind, string $text, RequestChange $change): self
    {
        return new self($kind, $text, null, null, $change);
    }
}
