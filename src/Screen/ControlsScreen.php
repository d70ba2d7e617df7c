<?php

declare(strict_types=1);

namespace IronLatch\Screen;

use IronLatch\View\ControlsDrawing;

/** Every line on every surface. */
final readonly class ControlsScreen implements Screen
{
    public static function name(): string
    {
        return 'controls';
    }

    public function context(Look $look): array
    {
        $text = $look->request->request->getString('text');
        $route = $look->request->attributes->get('_route');

        return [
            ...(new ControlsDrawing($look->inspection))->context($look->open, $look->report),
            'log' => null,
            'log_text' => 'controls_log' === $route ? $text : '',
            'drift' => null,
            'drift_text' => 'controls_drift' === $route ? $text : '',
        ];
    }
}
