<?php

declare(strict_types=1);

namespace StoneMill\Reading\Internal;

use StoneMill\Dough\FeelGrade;
use StoneMill\Record\Extent;
use StoneMill\Record\Pliability;
use StoneMill\Record\Puff;

/** What words in a cell mean: the house's own, and those that cooks use. What means none of them is null. */
final class CellWords
{
    private const YES = ['yes', 'y', 'true', '1', 'x', '✓', '✔', 'ja', 'si', 'sí', 'oui', 'good', 'great', 'worked', 'keeper', 'ok', 'fine', 'certified', 'again'];

    private const NO = ['no', 'n', 'false', '0', '-', '✗', '✘', 'nein', 'non', 'bad', 'failed', 'never', 'not again', 'poor'];

    private const EXTENTS = ['no' => Extent::None, 'n' => Extent::None, '0' => Extent::None, '-' => Extent::None, 'yes' => Extent::Some, 'y' => Extent::Some, 'x' => Extent::Some, 'few' => Extent::Some, 'a few' => Extent::Some, 'a little' => Extent::Some, 'little' => Extent::Some, 'slight' => Extent::Some, 'slightly' => Extent::Some, 'minor' => Extent::Some, 'many' => Extent::Much, 'lots' => Extent::Much, 'a lot' => Extent::Much, 'bad' => Extent::Much, 'badly' => Extent::Much, 'severe' => Extent::Much];

    private const PUFFS = ['no' => Puff::None, 'n' => Puff::None, '0' => Puff::None, '-' => Puff::None, 'partly' => Puff::Patches, 'partial' => Puff::Patches, 'some' => Puff::Patches, 'half' => Puff::Patches, 'a little' => Puff::Patches, 'yes' => Puff::Full, 'y' => Puff::Full, 'x' => Puff::Full, 'well' => Puff::Full, 'fully' => Puff::Full, 'balloon' => Puff::Full];

    private const FOLDS = ['broke' => Pliability::Shatters, 'breaks' => Pliability::Shatters, 'brittle' => Pliability::Shatters, 'shattered' => Pliability::Shatters, 'cracks' => Pliability::CracksWhenFolded, 'cracked' => Pliability::CracksWhenFolded, 'stiff' => Pliability::CracksWhenFolded, 'yes' => Pliability::Folds, 'bends' => Pliability::Folds, 'fold' => Pliability::Folds, 'folded' => Pliability::Folds, 'rolls' => Pliability::Wraps, 'wrapped' => Pliability::Wraps, 'soggy' => Pliability::Limp];

    /** Words that may mean a neighbouring grade as well; what they are taken for is the middle one, and said. */
    private const FEELS = ['right' => FeelGrade::Ready, 'good' => FeelGrade::Ready, 'perfect' => FeelGrade::Ready, 'ok' => FeelGrade::Ready, 'soft' => FeelGrade::Ready, 'smooth' => FeelGrade::Ready, 'very dry' => FeelGrade::Powdery, 'dry' => FeelGrade::Crumbly, 'too dry' => FeelGrade::Crumbly, 'a bit dry' => FeelGrade::Cracking, 'stiff' => FeelGrade::Cracking, 'cracks' => FeelGrade::Cracking, 'a bit wet' => FeelGrade::Tacky, 'wet' => FeelGrade::Sticky, 'too wet' => FeelGrade::Sticky, 'runny' => FeelGrade::Slack, 'too soft' => FeelGrade::Slack, 'very wet' => FeelGrade::Slack];

    public static function isYes(string $said): bool
    {
        return in_array(self::plain($said), self::YES, true);
    }

    public static function yesOrNo(string $said): ?bool
    {
        return self::isYes($said) ? true : (in_array(self::plain($said), self::NO, true) ? false : null);
    }

    public static function extent(string $said): ?Extent
    {
        return Extent::tryFrom(self::plain($said)) ?? self::EXTENTS[self::plain($said)] ?? null;
    }

    public static function puff(string $said): ?Puff
    {
        return Puff::tryFrom(self::plain($said)) ?? self::PUFFS[self::plain($said)] ?? null;
    }

    public static function pliability(string $said): ?Pliability
    {
        return Pliability::tryFrom(str_replace(' ', '_', self::plain($said))) ?? self::FOLDS[self::plain($said)] ?? null;
    }

    public static function feel(string $said, Doubts $doubts): ?FeelGrade
    {
        $own = FeelGrade::tryFrom(self::plain($said));
        $taken = $own ?? self::FEELS[self::plain($said)] ?? null;
        if ($own === null && $taken !== null && $taken !== FeelGrade::Ready) {
            $doubts->say(sprintf('“%s” was taken for a dough that is %s.', $said, $taken->value));
        }

        return $taken;
    }

    private static function plain(string $said): string
    {
        return trim((string) preg_replace('/[\s.,;:!]+/', ' ', mb_strtolower($said)));
    }
}
