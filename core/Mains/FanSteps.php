<?php

declare(strict_types=1);

namespace IronLatch\Core\Mains;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\GroupKind;
use IronLatch\Core\Board\StepCapacitor;
use IronLatch\Core\Catalogue\MainsSystem;

/** The steps of a fan behind its series capacitors: what each gives the motor, and what its capacitors must bear. */
final readonly class FanSteps
{
    /**
     * @param array<string, CapacitorStage> $steps by the relays that it closes, joined by “+”; slowest first
     * @param float $greatestFarads of its capacitors, with their tolerance; 0 without any
     * @param float $greatestCapacitorVolts rms that one of them can have: mains high, capacitors at the tolerance that comes nearest to
     *     resonance
     */
    private function __construct(
        public string $group,
        public array $steps,
        public float $greatestFarads,
        public float $greatestCapacitorVolts,
    ) {}

    /**
     * @return array<string, self> by group
     */
    public static function all(Board $board): array
    {
        $all = [];
        foreach ($board->groups as $id => $group) {
            $bank = $group->bank;
            if ($board->system()->isDirect() || GroupKind::StepRelays !== $group->kind || null === $bank || [] === $bank->capacitors) {
                continue;
            }
            $steps = [];
            $greatest = MainsSystem::HIGHEST_SHARE * $board->system()->volts;
            foreach ($group->steps() as $step) {
                $owner = $board->actuatorOf($step->relays[0]);
                $line = null === $owner ? null : $board->lines[$board->lineOf($owner)];
                if (null === $line || null !== $board->appliance($line)->dcVolts) {
                    continue;
                }
                $appliance = $board->appliance($line);
                $series = $bank->seriesOhms?->value;
                [$farads, $seriesOhms] = CapacitorStage::sideBySide(
                    array_map(static fn(string $relay): float => $bank->faradsOf($relay) ?? INF, $step->relays),
                    is_float($series) ? $series : 0.0,
                    $board->system()->hertz,
                );
                $watts = is_float($line->watts->value) ? $line->watts->value : $appliance->typicalWatts;
                $steps[implode('+', $step->relays)] = CapacitorStage::of(
                    $board->system()->volts,
                    $board->system()->hertz,
                    $board->system()->volts,
                    $watts,
                    $appliance->powerFactor,
                    $farads,
                    $seriesOhms,
                );
                $greatest = max(
                    $greatest,
                    CapacitorStage::greatestCapacitorVolts(
                        $board->system()->volts,
                        $board->system()->hertz,
                        $watts,
                        $appliance->powerFactor,
                        $farads,
                        $seriesOhms,
                    ),
                );
            }
            uasort($steps, static fn(CapacitorStage $a, CapacitorStage $b): int => $a->motorWatts <=> $b->motorWatts);
            $all[$id] = new self(
                $id,
                $steps,
                (1 + CapacitorStage::TOLERANCE) * max([
                    0.0,
                    ...array_map(static fn(StepCapacitor $one): float => $one->farads, $bank->capacitors),
                ]),
                $greatest,
            );
        }

        return $all;
    }
}
