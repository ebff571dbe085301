<?php

declare(strict_types=1);

namespace StoneMill\Griddle;

use StoneMill\Bake\BakeUnderWay;

/** Something that grows while a bread bakes, by which a cook knows that it is time. */
interface Progress
{
    public function valueOf(BakeUnderWay $bake): float;
}
