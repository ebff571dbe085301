<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\PlanBread;
use App\Exports\RecipeDocument;
use App\Http\Address;
use App\Http\CardPaper;
use App\Http\CurrentKitchen;
use App\Http\Pdf;
use App\Http\ReadersUnits;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use StoneMill\Document\PortraitDocument;
use StoneMill\Exchange\Findings;
use StoneMill\Exchange\Node;
use StoneMill\Label\Caution;
use StoneMill\Plan\Portrait;

/** A bread as a card, on one page: what goes in, what to do, whom it is for. It says what the recipe for other programs says. */
final class RecipeCardController
{
    public function __invoke(Request $request, string $bread, PlanBread $planned): Response
    {
        $found = CurrentKitchen::bread($request, $bread);
        $units = ReadersUnits::of($request);
        $findings = new Findings;
        $paper = Node::root(Address::of($request), $findings)->object(['paper', ...ReadersUnits::FIELDS])->at('paper')->optionalChoice(CardPaper::class) ?? CardPaper::A5;
        $findings->refuseIfAny();
        $plan = $planned($found, CurrentKitchen::user($request));

        return Pdf::response(view('recipe-card', [
            'recipe' => RecipeDocument::of($found->name, $plan),
            'units' => $units,
            'points' => $paper->points(),
            'portrait' => PortraitDocument::json(Portrait::of($plan)),
            'cautions' => array_map(static fn (Caution $caution): string => $caution->text, $plan->cautions),
        ]), $paper->value, 'recipe-card.pdf');
    }
}
