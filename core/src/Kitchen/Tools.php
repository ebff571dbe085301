<?php

declare(strict_types=1);

namespace StoneMill\Kitchen;

use StoneMill\Plan\GivenRequest;

/**
 * The tools of a kitchen, and with which a batch is made unless the bread says otherwise: the first of each kind. A pan is
 * taken only by who asks for it.
 */
final readonly class Tools
{
    /**
     * @param list<ToolAtHand> $tools in the order in which they came in
     * @param array<string, string> $measures the cook's own cup and spoon
     */
    public function __construct(private array $tools, private array $measures)
    {
    }

    /** What the bread itself is baked on or in stands above what the kitchen has first; a griddle of the kitchen that it keeps to is known as it is today. */
    public function beside(GivenRequest $request): GivenRequest
    {
        $own = $request->part('gear');
        $griddle = is_array($own['griddle'] ?? null) ? $own['griddle']['id'] ?? null : null;
        $gear = $this->measures;
        foreach ($this->tools as $tool) {
            if ($tool->kind !== ToolKind::Pan) {
                $gear[$tool->kind->value] ??= $tool->told;
            }
            if ($tool->kind === ToolKind::Griddle && $tool->id === $griddle) {
                $own['griddle'] = $tool->told;
            }
        }

        return $gear === [] ? $request : $request->withGear([...$gear, ...$own]);
    }
}
