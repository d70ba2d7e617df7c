<?php

declare(strict_types=1);

namespace IronLatch\Tests\Reference;

use IronLatch\Core\Board\Clamp;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Drive\TurnOff;
use IronLatch\Tests\Support\Ngspice;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A coil that is switched off, against a transient analysis of ngspice (Debian package): peak and release time within 5 %. */
final class TurnOffAgainstNgspiceTest extends TestCase
{
    /** A diode so sharp that its drop hardly varies; what little it drops is taken off the clamp voltage. */
    private const SHARP_DIODE = '.model MI D(IS=1e-12 N=0.1 RS=0.01)';
    private const SHARP_VOLTS = 0.06;

    /**
     * @return iterable<string, array{string, float, Clamp}>
     */
    public static function coils(): iterable
    {
        foreach (['cube-5v' => 5.0, 'cube-12v' => 12.0, 'reinforced-5v' => 5.0] as $relay => $rail) {
            foreach (Clamp::cases() as $clamp) {
                yield "$relay, {$clamp->value}" => [$relay, $rail, $clamp];
            }
        }
    }

    #[DataProvider('coils')]
    public function testPeakAndRelease(string $id, float $rail, Clamp $clamp): void
    {
        $relay = TestBoards::part($id, Relay::class);
        $amps = $rail / $relay->coilResistance->typ;
        $hold = TurnOff::RELEASE_SHARE * $relay->coilVolts / $relay->coilResistance->typ;
        $mine = TurnOff::of($relay, $rail, $amps, $clamp);
        $clampLines = match ($clamp) {
            Clamp::Diode => [sprintf('Vc out k DC %.9g', TurnOff::DIODE_VOLTS - self::SHARP_VOLTS), 'D1 k rail MI', self::SHARP_DIODE],
            Clamp::DiodeZener => [
                sprintf('Vc out k DC %.9g', TurnOff::DIODE_VOLTS + TurnOff::ZENER_VOLTS - self::SHARP_VOLTS),
                'D1 k rail MI',
                self::SHARP_DIODE,
            ],
            Clamp::Rc => [sprintf('Rs out s %.9g', TurnOff::RC_OHMS), sprintf('Cs s rail %.9g IC=0', TurnOff::RC_FARADS)],
            Clamp::None => [sprintf('Cs out rail %.9g IC=0', TurnOff::STRAY_FARADS)],
        };
        // The switch has just opened: the coil's current is its initial condition.
        $step = Clamp::None === $clamp ? 2e-9 : 1e-7;
        $end = max(4 * $mine->releaseSeconds, 2e-5);
        $values = Ngspice::transient(
            [
                sprintf('Vr rail 0 DC %.9g', $rail),
                sprintf('Rl rail a %.9g', $relay->coilResistance->typ),
                sprintf('L1 a out %.9g IC=%.9g', TurnOff::henries($relay), $amps),
                'Rb out 0 1e9',
                ...$clampLines,
            ],
            $step,
            $end,
            ['peak' => 'max v(out)', 'hold' => sprintf('when i(L1)=%.9g fall=1', $hold)],
        );
        self::assertEqualsWithDelta($values['peak'], $mine->peakVolts, 0.05 * $values['peak']);
        self::assertEqualsWithDelta($values['hold'], $mine->releaseSeconds, max(0.05 * $values['hold'], 2 * $step));
    }
}
