<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

/** The stretches of time from the moment power arrives until the program runs. */
enum BootPhase: string
{
    /** Power is good; the chip is held in reset and reads its straps. */
    case Reset = 'reset';
    case Rom = 'rom';
    case Loader = 'loader';
    /** The program runs and has not touched its pins yet. */
    case Setup = 'setup';
    /** The program makes an output of the pin. */
    case Output = 'output';
    case Run = 'run';

    public function words(): string
    {
        return match ($this) {
            self::Reset => 'while reset reads its straps',
            self::Rom => 'while the chip’s ROM starts',
            self::Loader => 'while the boot loader runs',
            self::Setup => 'until the program sets its pins',
            self::Output => 'as the pin becomes an output',
            self::Run => 'once the program runs',
        };
    }

    public function plate(): string
    {
        return match ($this) {
            self::Reset => 'reset',
            self::Rom => 'ROM',
            self::Loader => 'boot loader',
            self::Setup => 'set-up',
            self::Output => 'output set',
            self::Run => 'run',
        };
    }

    /** Whether the chip decides what the pin does, and not the program. */
    public function isBeforeProgram(): bool
    {
        return self::Output !== $this && self::Run !== $this;
    }
}
