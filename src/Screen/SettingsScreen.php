<?php

declare(strict_types=1);

namespace IronLatch\Screen;

/** What is said of the board as a whole. */
final readonly class SettingsScreen implements Screen
{
    public static function name(): string
    {
        return 'settings';
    }

    public function context(Look $look): array
    {
        return [];
    }
}
