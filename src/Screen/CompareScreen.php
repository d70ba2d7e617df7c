<?php

declare(strict_types=1);

namespace IronLatch\Screen;

/** What cannot be seated; controllers that could carry the board, and ways out, come when they are worked out. */
final readonly class CompareScreen implements Screen
{
    public static function name(): string
    {
        return 'compare';
    }

    public function context(Look $look): array
    {
        return ['solution' => $look->inspection->plan->solution()];
    }
}
