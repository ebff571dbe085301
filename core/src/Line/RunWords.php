<?php

declare(strict_types=1);

namespace StoneMill\Line;

/**
 * What a run sheet says of each thing.
 *
 * @phpstan-import-type SheetPlan from RunSheet
 */
final readonly class RunWords
{
    /** @param SheetPlan $plan */
    public function __construct(private array $plan)
    {
    }

    /** @return array{string, string}|null what to do and with what; null for what needs no row */
    public function of(string $what): ?array
    {
        $water = $this->plan['water'];
        $portion = $this->plan['portion'];

        return match ($what) {
            'simmer' => ['Simmer the corn with lime', 'Caustic: gloves, eye protection, no aluminium pot.'],
            'steep' => ['Steep', ''],
            'grind' => ['Rinse and grind', ''],
            'weigh' => ['Weigh', $this->lines().$this->extras()],
            'scald' => [sprintf('Scald: %.0f g of water at %.0f °C', $water['first_pour_grams']['value'], $water['celsius']['value']), sprintf('Spoon first, hands later: it burns. Keep %.0f g by.', $water['reserve_grams']['value'])],
            'pour' => [sprintf('Pour %.0f g of water at %.0f °C', $water['first_pour_grams']['value'], $water['celsius']['value']), sprintf('Keep %.0f g by.', $water['reserve_grams']['value'])],
            'cool' => ['Let it cool until hands bear it', ''],
            'knead' => ['Knead', ''],
            'feel' => ['Feel it and mend it', 'Work in the reserve by the spoon until it is ready.'],
            'rest' => ['Rest, covered', ($this->plan['rest']['words'] ?? '') === '' ? '' : ucfirst($this->plan['rest']['words']).'.'],
            'second_rest' => ['Pieces rest, covered', ''],
            'stir' => ['Stir', 'A batter settles and thickens while it stands.'],
            'refill' => ['Refill the jug', ''],
            'preheat' => [sprintf('Griddle on, to %.0f °C', $this->plan['griddle']['surface_celsius']['value']), 'Hot metal: dry mitts, clear bench.'],
            'portion' => [sprintf('Divide: %d × %.0f g', $portion['count'], $portion['piece_grams']['value']), 'Keep pieces under a damp cloth.'],
            'griddle' => ['Shape, lay, turn, lift', $this->griddle()],
            'finish' => [$this->plan['griddle']['finish'] === 'broiler_then_oven' ? 'Broiler, then oven' : 'Finish in the oven', ''],
            'stack' => ['Stack', ''],
            default => null,
        };
    }

    /** What is done with the finished bread, step by step. */
    public function serving(): string
    {
        return implode('', array_map(static fn (array $step): string => sprintf('%s. %s ', $step['name'], $step['check']), array_values(array_filter($this->plan['steps'] ?? [], static fn (array $step): bool => $step['stage'] === 'stack'))));
    }

    private function lines(): string
    {
        return implode(', ', array_map(static fn (array $line): string => sprintf('%s %.0f g', $line['name'], $line['grams']), $this->plan['ledger'])).'.';
    }

    private function extras(): string
    {
        $extras = array_map(static fn (array $extra): string => sprintf('%s %.0f g %s', $extra['name'], $extra['grams'], $extra['words']), $this->plan['extras'] ?? []);

        return $extras === [] ? '' : ' Beside it: '.implode(', ', $extras).'.';
    }

    private function griddle(): string
    {
        $shape = $this->plan['shape'];
        $long = $shape['length_share'] ?? 1.0;
        $griddle = $this->plan['griddle'];
        $touches = array_map(
            static fn (array $touch): string => sprintf('%s at %s', $touch['action'], Clock::minutes($touch['at_seconds'])),
            [...$griddle['turns'], $griddle['lift']],
        );

        return sprintf(
            '%s, %.1f mm thick; %d at a time. Each: %s.',
            $long > 1.0 ? sprintf('%.0f × %.0f mm', $long * $shape['diameter_mm']['value'], ($shape['width_share'] ?? 1.0) * $shape['diameter_mm']['value']) : sprintf('%.0f mm across', $shape['diameter_mm']['value']),
            $shape['thickness_mm']['value'],
            count($griddle['places']),
            implode(', ', $touches),
        );
    }
}
