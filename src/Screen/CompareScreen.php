<?php

declare(strict_types=1);

namespace IronLatch\Screen;

use IronLatch\View\PinsDrawing;

/** Controllers that could carry the board, and ways out where one does not. */
final readonly class CompareScreen implements Screen
{
    public static function name(): string
    {
        return 'compare';
    }

    public function context(Look $look): array
    {
        return (new PinsDrawing($look->inspection, $look->report))->comparison();
    }
}
