<?php

declare(strict_types=1);

namespace IronLatch\Export;

/** Where a piece lies in the package, and for whom. */
enum Folder: string
{
    case First = '';
    case Build = '1-build';
    case Wiring = '2-wiring';
    case Parts = '3-parts';
    case Layout = '4-layout';
    case Program = '5-program';
    case SetUp = '6-set-up';
    case Checks = '7-checks';

    public function title(): string
    {
        return match ($this) {
            self::First => 'To read first',
            self::Build => 'At the workbench',
            self::Wiring => 'For the wiring',
            self::Parts => 'For the order',
            self::Layout => 'For the layout desk',
            self::Program => 'For the controller',
            self::SetUp => 'For whoever sets it up',
            self::Checks => 'What it rests on',
        };
    }
}
