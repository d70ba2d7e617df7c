<?php

declare(strict_types=1);

namespace IronLatch\Screen;

/** Everything that nobody has said yet, one row each, with the field that says it. */
final readonly class FactsScreen implements Screen
{
    public static function name(): string
    {
        return 'facts';
    }

    public function context(Look $look): array
    {
        return [];
    }
}
