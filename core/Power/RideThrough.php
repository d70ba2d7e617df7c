<?php

declare(strict_types=1);

namespace IronLatch\Core\Power;

use IronLatch\Core\Drive\DriverAnalysis;
use IronLatch\Core\Quantity\MarginState;

/** What a board does when the mains is gone for a moment: the source carries on for a while, then the capacitance on its rail. */
final readonly class RideThrough
{
    /** Seconds of interruption that are looked at. */
    public const INTERRUPTIONS = [0.02, 0.1, 0.5];

    /**
     * @param float $seconds of interruption
     * @param float $heldSeconds for which the source itself carries on at typical loads
     * @param float $lowestVolts of the source’s rail
     * @param array<string, DipVictim> $suffers who lets go or resets itself, by rail; empty when nothing does
     */
    private function __construct(
        public string $rail,
        public float $seconds,
        public float $heldSeconds,
        public float $lowestVolts,
        public array $suffers,
    ) {}

    /**
     * Every mains-fed source of a board, at every interruption, all relays on.
     *
     * @return list<self>
     */
    public static function all(Flows $flows, DriverAnalysis $drive): array
    {
        $all = [];
        foreach (array_keys($flows->board->rails) as $rail) {
            $source = $flows->board->source($rail);
            if (null !== $source?->holdUpSeconds && $source->form->isFedByMains()) {
                foreach (self::INTERRUPTIONS as $seconds) {
                    $all[] = self::of(
                        $flows,
                        $drive,
                        $rail,
                        $seconds,
                        $source->holdUpSeconds * $source->ratedAmps / max($flows->amps($rail, Scenario::allOn())->typical, 1e-3),
                    );
                }
            }
        }

        return $all;
    }

    private static function of(Flows $flows, DriverAnalysis $drive, string $rail, float $seconds, float $held): self
    {
        $dark = max(0.0, $seconds - $held);
        $circuit = RailCircuit::of($flows, $drive, $rail, false);
        $lowest = $dark > 0
            ? $circuit->run(RailMoment::interruption($dark))->lowestVolts()
            : Feed::of($flows->board, $rail)->loaded($flows->amps($rail, Scenario::allOn())->typical, false);
        $suffers = [];
        foreach (self::fed($flows, $rail, $lowest) as $id => $volts) {
            [$margin, $victim] = Dip::suffers($flows, $drive, $id, $volts, $volts);
            if (null !== $margin && MarginState::Broken === $margin->state() && in_array(
                $victim,
                [DipVictim::Controller, DipVictim::HeldRelays],
                true,
            )) {
                $suffers[$id] = $victim;
            }
        }

        return new self($rail, $seconds, $held, $lowest, $suffers);
    }

    /**
     * The voltages of a rail and of all rails behind it.
     *
     * @return array<string, float> volts by rail
     */
    private static function fed(Flows $flows, string $rail, float $volts): array
    {
        $fed = [$rail => $volts];
        foreach ($flows->board->rails as $id => $other) {
            $regulation = $flows->board->regulation($id);
            if ($other->from === $rail && null !== $regulation) {
                $fed = [
                    ...$fed,
                    ...self::fed($flows, $id, $regulation->outputAt($volts, $flows->amps($id, Scenario::allOn())->typical, false)),
                ];
            }
        }

        return $fed;
    }
}
