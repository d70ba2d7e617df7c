<?php

declare(strict_types=1);

namespace IronLatch\Screen;

use Symfony\Component\DependencyInjection\Attribute\AutoconfigureTag;

/**
 * One view of a board: its name is its address and the folder of its templates. It is found by being there; the stage in the frame
 * is templates/{name}/_stage.html.twig.
 */
#[AutoconfigureTag]
interface Screen
{
    public static function name(): string;

    /**
     * @return array<string, mixed> what its template draws, besides what every screen has
     */
    public function context(Look $look): array;
}
