<?php

declare(strict_types=1);

namespace IronLatch\Screen;

use IronLatch\View\DriveDrawing;

/** From the pin’s level to the coil, one relay at a time. */
final readonly class DriveScreen implements Screen
{
    public static function name(): string
    {
        return 'drive';
    }

    public function context(Look $look): array
    {
        return (new DriveDrawing($look->inspection))->context($look->open);
    }
}
