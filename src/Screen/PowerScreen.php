<?php

declare(strict_types=1);

namespace IronLatch\Screen;

use IronLatch\View\PowerDrawing;

/** From the plug to every coil. */
final readonly class PowerScreen implements Screen
{
    public static function name(): string
    {
        return 'power';
    }

    public function context(Look $look): array
    {
        return (new PowerDrawing($look->inspection))->context($look->open, $look->report);
    }
}
