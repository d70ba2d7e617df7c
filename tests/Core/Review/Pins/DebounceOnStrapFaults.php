<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Pins;

use IronLatch\Core\Board\Edit\Functions\FitDebounce;
use IronLatch\Core\Board\Edit\Pins\SeatFunction;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;

final class DebounceOnStrapFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield 'capacitor on a strap' => Planted::in(
            'pins.debounce-on-strap',
            'F4',
            Severity::Weak,
            '×0.751',
            Planted::both(new SeatFunction('F4', '0'), new FitDebounce('F4', 100e-9)),
            Planted::both(new SeatFunction('F4', '0'), new FitDebounce('F4', 47e-9)),
            says: 'The capacitor of 100 nF on “Airer push button” keeps GPIO0 (printed 0) low for 13.3 ms after power-up at the worst '
                    . 'corner; reset reads it after 10 ms: the chip waits for a download instead of running the program.',
            proposes: ['Take the capacitor away and debounce in the program', 'Seat it on GPIO14 (printed 14)'],
        );

        yield 'capacitor on a strap that only upsets timing' => Planted::in(
            'pins.debounce-on-strap',
            'F4',
            Severity::Hint,
            '×0.16',
            Planted::both(new SeatFunction('F4', '5'), new FitDebounce('F4', 1e-6)),
            Planted::both(new SeatFunction('F4', '27'), new FitDebounce('F4', 1e-6)),
            says: 'The capacitor of 1 µF on “Airer push button” keeps GPIO5 (printed 5) low for 62.4 ms after power-up; reset reads it '
                    . 'after 10 ms: only the timing of a slave card interface changes.',
            proposes: ['Take the capacitor away and debounce in the program', 'Seat it on GPIO14 (printed 14)'],
        );

        yield 'large capacitor on a strap' => Planted::in(
            'pins.debounce-on-strap',
            'F4',
            Severity::Broken,
            '×0.0341',
            Planted::both(new SeatFunction('F4', '0'), new FitDebounce('F4', 4.7e-6)),
            Planted::both(new SeatFunction('F4', '32'), new FitDebounce('F4', 4.7e-6)),
            says: 'The capacitor of 4.7 µF on “Airer push button” keeps GPIO0 (printed 0) low for 293 ms after power-up; reset reads '
                    . 'it after 10 ms: the chip waits for a download instead of running the program.',
            proposes: ['Take the capacitor away and debounce in the program', 'Seat it on GPIO14 (printed 14)'],
        );
    }
}
