<?php

declare(strict_types=1);

namespace IronLatch\Screen;

use IronLatch\Core\Board\FunctionKind;
use IronLatch\View\PinsDrawing;

/** The header with every function on its pin, and the film of starting up. */
final readonly class PinsScreen implements Screen
{
    public static function name(): string
    {
        return 'pins';
    }

    public function context(Look $look): array
    {
        return [
            ...(new PinsDrawing($look->inspection, $look->report))->context($look->open, $look->request->query->getString('find')),
            'function_kinds' => array_filter(FunctionKind::cases(), static fn(FunctionKind $kind): bool => $kind->isAddedByHand()),
        ];
    }
}
