<?php

declare(strict_types=1);

namespace IronLatch\Screen;

use IronLatch\View\MainsDrawing;

/** The live path, from inlet to appliance. */
final readonly class MainsScreen implements Screen
{
    public static function name(): string
    {
        return 'mains';
    }

    public function context(Look $look): array
    {
        return (new MainsDrawing($look->inspection, $look->report))->context($look->open);
    }
}
