<?php

declare(strict_types=1);

namespace IronLatch\Screen;

use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Board\SwitchedConductor;
use IronLatch\View\LineStrips;

/** Lines, from hand to appliance. */
final readonly class LinesScreen implements Screen
{
    public static function name(): string
    {
        return 'lines';
    }

    public function context(Look $look): array
    {
        return [
            'tracks' => (new LineStrips($look->inspection, $look->report))->tracks(),
            'conductors' => [SwitchedConductor::Live, SwitchedConductor::Neutral, SwitchedConductor::Both],
            'surface_kinds' => array_filter(SurfaceKind::cases(), static fn(SurfaceKind $kind): bool => !$kind->isRemote()),
        ];
    }
}
