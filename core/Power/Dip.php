<?php

declare(strict_types=1);

namespace IronLatch\Core\Power;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Drive\DriverAnalysis;
use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\Margin;
use IronLatch\Core\Quantity\MarginState;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;

/**
 * How low a rail goes while every relay on it pulls in and the radio sends, and what that does to those who need it.
 *
 * Where the source can give the whole current, the rail never falls below its steady state under load: coils rise slowly, and a
 * capacitance only helps. Only where it cannot is the dip followed over time.
 */
final readonly class Dip
{
    private const FOLLOWED_SECONDS = 22e-3;
    private const FOLLOWED_STEP = 50e-6;

    /**
     * @param Figure $typical lowest voltage at typical values
     * @param Figure $worst lowest voltage at the worst corner
     * @param ?Margin $margin of whoever fares worst; null when nobody on the rail minds
     * @param DipVictim $victim who that is
     */
    private function __construct(
        public string $rail,
        public Figure $typical,
        public Figure $worst,
        public ?Margin $margin,
        public DipVictim $victim,
    ) {}

    public static function of(Flows $flows, DriverAnalysis $drive, string $rail): self
    {
        $typical = self::lowest($flows, $drive, $rail, false);
        $worst = self::lowest($flows, $drive, $rail, true);
        [$margin, $victim] = self::suffers($flows, $drive, $rail, $typical->value, $worst->value);

        return new self($rail, $typical, $worst, $margin, $victim);
    }

    private static function lowest(Flows $flows, DriverAnalysis $drive, string $rail, bool $worst): Figure
    {
        $feed = Feed::of($flows->board, $rail);
        $demand = $flows->amps($rail, Scenario::pullIn());
        $amps = $worst ? $demand->greatest : $demand->typical;
        $follows = !$feed->gives($amps, $worst);
        $circuit = $follows ? RailCircuit::of($flows, $drive, $rail, $worst) : null;

        return new Figure(
            'lowest voltage of the rail',
            null === $circuit
                ? $feed->loaded($amps, $worst)
                : $circuit->run(RailMoment::pullIn(self::FOLLOWED_SECONDS, self::FOLLOWED_STEP))->lowestVolts(),
            Unit::Volt,
            $follows ? 'source with its limit, capacitance and coils, followed over time' : 'V_source − I · R',
            [
                'V_source = ' . QuantityPrinter::rounded($worst ? $feed->volts->min : $feed->volts->typ, Unit::Volt),
                'I = ' . QuantityPrinter::rounded($amps, Unit::Ampere),
                'R = '
                    . QuantityPrinter::rounded($worst ? $feed->ohms->max : $feed->ohms->typ, Unit::Ohm)
                    . ' of source, protection and cable',
                ...null === $circuit ? [] : [
                    'the source gives no more than ' . QuantityPrinter::rounded($circuit->limitAmps, Unit::Ampere),
                    'capacitance ' . QuantityPrinter::rounded($circuit->farads, Unit::Farad),
                ],
            ],
            $worst
                ? 'lowest source voltage, greatest resistance and loads, all pull in at once while the radio sends'
                : 'typical values, all pull in at once while the radio sends',
            'Ohm’s law; resistances of the part files',
        );
    }

    /**
     * Who on a rail suffers worst when it falls to a voltage, typical and at the worst corner.
     *
     * @return array{?Margin, DipVictim}
     */
    public static function suffers(Flows $flows, DriverAnalysis $drive, string $rail, float $typicalVolts, float $worstVolts): array
    {
        $board = $flows->board;
        $margins = [];
        if ($board->mcu->rail === $rail) {
            $margins = self::controller($flows, $typicalVolts, $worstVolts);
        }
        [$holds, $pulls] = self::relays($board, $drive, $rail, $typicalVolts, $worstVolts);
        if (null !== $holds) {
            $margins[] = [$holds, DipVictim::HeldRelays];
        }
        if (null !== $pulls) {
            $margins[] = [$pulls, DipVictim::PullingRelays];
        }
        foreach ([MarginState::Broken, MarginState::Weak] as $state) {
            foreach ($margins as $one) {
                if ($one[1]->stateFor($one[0]) === $state) {
                    return $one;
                }
            }
        }
        usort($margins, static fn(array $a, array $b): int => $a[0]->worst->value <=> $b[0]->worst->value);

        return $margins[0] ?? [null, DipVictim::Nobody];
    }

    /**
     * @return list<array{Margin, DipVictim}>
     */
    private static function controller(Flows $flows, float $typicalVolts, float $worstVolts): array
    {
        $board = $flows->board;
        $chip = $board->controller()->chip;
        $regulator = $board->entry()->regulated ? $board->controller()->carrier->regulator : null;
        $amps = $flows->amps(Draws::PINS, Scenario::pullIn());
        $pins = [
            $regulator?->outputAt($typicalVolts, $amps->typical, false) ?? $typicalVolts,
            $regulator?->outputAt($worstVolts, $amps->greatest, true) ?? $worstVolts,
        ];
        $source = sprintf('%s, %s', $chip->identity->name, $chip->identity->basis->words());
        $margins = [];
        foreach ([
            [$chip->brownOutVolts, DipVictim::Controller, 'V_brown-out'],
            [$chip->leastSupplyVolts, DipVictim::Specification, 'V_least'],
        ] as [$limit, $victim, $symbol]) {
            if (null !== $limit) {
                $margins[] = [
                    self::margin(
                        'supply of the chip over what it needs',
                        'V_pins ÷ ' . $symbol,
                        $pins,
                        [$limit, $limit],
                        $symbol,
                        $source,
                    ),
                    $victim,
                ];
            }
        }

        return $margins;
    }

    /**
     * @return array{?Margin, ?Margin} of the relays that are in, and of those that pull in; each of the relay that fares worst
     */
    private static function relays(Board $board, DriverAnalysis $drive, string $rail, float $typicalVolts, float $worstVolts): array
    {
        $holds = $pulls = null;
        $volts = $board->railVolts($rail);
        $air = max(20.0, $board->ambientCelsius());
        $seen = [];
        foreach ($board->actuators() as $id => $actuator) {
            $relay = $board->relay($actuator);
            $result = $drive->results[$id];
            // What does not even pull in from a firm rail has a finding of its own.
            if (
                $actuator->rail !== $rail
                || null === $actuator->relay
                || !$relay->isPlain()
                || isset($seen[spl_object_id($result)])
                || MarginState::Sound !== $result->pullIn->state()
            ) {
                continue;
            }
            $seen[spl_object_id($result)] = true;
            $operate = [$relay->operateVolts(20.0), $relay->operateVolts($air)];
            $coil = [
                max(0.0, $typicalVolts - ($volts->typ - $result->pullIn->nominal->value * $operate[0])),
                max(0.0, $worstVolts - ($volts->min - $result->pullIn->worst->value * $operate[1])),
            ];
            $keep = Relay::HOLD_RATIO * $relay->coilVolts;
            $hold = self::margin(
                'coil voltage over what holds it',
                'V_coil ÷ V_hold',
                $coil,
                [$keep, $keep],
                'V_hold',
                sprintf('%d %% of the nominal voltage, common practice, from memory', (int) round(Relay::HOLD_RATIO * 100)),
            );
            $pull = self::margin(
                'coil voltage over operate voltage',
                'V_coil ÷ V_operate',
                $coil,
                $operate,
                'V_operate',
                $relay->identity->name . ', ' . $relay->identity->basis->words(),
            );
            $holds = null === $holds || $hold->worst->value < $holds->worst->value ? $hold : $holds;
            $pulls = null === $pulls || $pull->worst->value < $pulls->worst->value ? $pull : $pulls;
        }

        return [$holds, $pulls];
    }

    /**
     * @param array{float, float} $has volts, typical and worst
     * @param array{float, float} $needs
     */
    private static function margin(string $label, string $formula, array $has, array $needs, string $symbol, string $source): Margin
    {
        $figure = static fn(int $place, string $corner): Figure => (new Figure(
            $label,
            $has[$place] / $needs[$place],
            Unit::Ratio,
            $formula,
            [
                explode(' ', $formula)[0] . ' = ' . QuantityPrinter::rounded($has[$place], Unit::Volt) . ' at the bottom of the dip',
                $symbol . ' = ' . QuantityPrinter::rounded($needs[$place], Unit::Volt),
            ],
            $corner,
            $source,
        ))->outOf($has[$place], $needs[$place], Unit::Volt);

        return new Margin(
            $figure(0, 'typical values, all pull in at once while the radio sends'),
            $figure(1, 'worst corner, all pull in at once while the radio sends'),
        );
    }
}
