<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

/** The stretches of time before the maker’s program has set its pins. */
enum BootPhase: string
{
    case Reset = 'reset';
    case Loader = 'loader';
    case Setup = 'setup';

    public function words(): string
    {
        return match ($this) {
            self::Reset => 'while reset reads its straps',
            self::Loader => 'while the boot loader runs',
            self::Setup => 'until the program sets its pins',
        };
    }
}
