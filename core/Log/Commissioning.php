<?php

declare(strict_types=1);

namespace IronLatch\Core\Log;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\BuildForm;
use IronLatch\Core\Board\RestorePolicy;
use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Drive\Circuit\Circuits;
use IronLatch\Core\Power\Scenario;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Review\HoldPoint;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Report;
use IronLatch\Core\Wiring\Listing\ContinuityList;
use IronLatch\Core\Wiring\Listing\ContinuityRow;
use IronLatch\Core\Wiring\NetKind;

/**
 * How a copy of this revision is put into use, step by step, with what a sound one reads: eyes first, then the meter on the dead board,
 * earth and insulation, low voltage with the mains module unfed, promises by name, and mains last (common practice, no source).
 */
final readonly class Commissioning
{
    /** The step at which every wire is laid. */
    public const WIRES = 'look:wires';

    private const MEGOHM = 1e6;
    /** A bench supply is set to so many times the greatest current. */
    private const LIMIT = 1.2;
    private const CYCLES = 10;
    /** What the display of a bench supply shows at nothing. */
    private const LAST_DIGIT_AMPS = 2e-3;

    private function __construct(private Inspection $inspection, private Report $report) {}

    /**
     * @return list<CommissioningStep>
     */
    public static function of(Inspection $inspection, Report $report): array
    {
        $walk = new self($inspection, $report);

        return [
            ...$walk->looks(),
            ...$walk->readings(Phase::Continuity),
            ...$walk->readings(Phase::Insulation),
            ...$walk->rails(),
            ...$walk->drivers(),
            ...$walk->together(),
            ...$walk->promises(),
            ...$walk->mains(),
            ...$walk->load(),
        ];
    }

    /** @return list<CommissioningStep> */
    private function looks(): array
    {
        $form = $this->inspection->board->build->form();
        $looks = [
            'parts' => ['Parts', 'Compare each part with the parts list: print, value, rating, and which way round it stands.'],
            'joints' => ['Joints', 'Look at every joint with a lens: no bridge, no hair, no cold joint; screws hold, nothing moves.'],
            'apart' => [
                'Mains apart',
                'Mains and low-voltage wires run apart, each bundle tied beside its terminals; earth is the longest.',
            ],
            ...BuildForm::Perforated === $form ? ['pads' => ['Pads', 'The pads between mains and everything else are taken off.']] : [],
            ...true === $form?->isEtched() ? ['rows' => ['Controller', 'The controller sits in its sockets the way that is marked.']] : [],
            'wires' => ['Wires', 'Every wire of the wiring list is laid, and bears its number at both ends.'],
        ];

        return array_map(
            static fn(string $key, array $look): CommissioningStep => new CommissioningStep(
                'look:' . $key,
                Phase::Look,
                $look[0],
                $look[1],
                Tool::Eyes,
                barsMains: true,
            ),
            array_keys($looks),
            array_values($looks),
        );
    }

    /** @return list<CommissioningStep> */
    private function readings(Phase $phase): array
    {
        $steps = [];
        foreach ($this->inspection->readings() as $row) {
            $isMains = in_array($row->step, [ContinuityList::APART, ContinuityList::CONTACTS, ContinuityList::STRAIGHT], true);
            if ($isMains === (Phase::Insulation === $phase)) {
                $steps[] = $this->reading($phase, $row);
            }
        }
        if (Phase::Insulation === $phase && [] !== $steps) {
            $steps[] = new CommissioningStep(
                'insulation:500V',
                $phase,
                'Insulation at 500 V',
                'Live, neutral and every outlet live joined, all low voltage joined, cables off: 500 V between the two, one minute.',
                Tool::Competent,
                new Expected(Unit::Ohm, self::MEGOHM, INF, why: 'common practice after IEC 60364-6, from memory: 1 MΩ at 500 V'),
                'less: a stray strand, flux, water, a relay or supply that leaks. No mains before it is right.',
                barsMains: true,
            );
        }

        return $steps;
    }

    private function reading(Phase $phase, ContinuityRow $row): CommissioningStep
    {
        // A contact is heard and seen with its coil on: it has no one value.
        $isMeasured = ContinuityList::CONTACTS !== $row->step;

        return new CommissioningStep(
            self::keyOf($row),
            $phase,
            sprintf('%s and %s', $row->from, $row->to),
            sprintf('%s: %s; %s', ucfirst($row->step), $row->expected, $row->limit),
            Tool::Meter,
            $isMeasured ? new Expected(Unit::Ohm, $row->leastOhms, $row->mostOhms, $row->typicalOhms) : null,
            $row->means,
            subject: $row->subject,
            barsMains: Phase::Insulation === $phase,
        );
    }

    private static function keyOf(ContinuityRow $row): string
    {
        return 'ohms:' . substr(hash('sha256', implode("\n", [$row->step, $row->from, $row->to])), 0, 10);
    }

    /** @return list<CommissioningStep> */
    private function rails(): array
    {
        $board = $this->inspection->board;
        $flows = $this->inspection->power->flows;
        $steps = [];
        foreach ($board->rails as $id => $rail) {
            $volts = $board->railVolts($id);
            $off = $flows->amps($id, Scenario::allOff());
            $on = $flows->amps($id, Scenario::allOn());
            $steps[] = new CommissioningStep(
                'rail:' . $id,
                Phase::LowVoltage,
                sprintf('Rail %s alone', $rail->name),
                sprintf(
                    'Controller and modules out. Set the supply to %s and its limit to %s, and measure at the far end of the rail.',
                    QuantityPrinter::rounded($volts->typ, Unit::Volt),
                    QuantityPrinter::rounded(self::LIMIT * $on->greatest, Unit::Ampere),
                ),
                Tool::Meter,
                new Expected(Unit::Volt, $volts->min, $volts->max, $volts->typ, 'the source of the rail with its tolerance'),
                'lower: a short or a part the wrong way round, the supply limits; nothing: a joint, a fuse',
                subject: $id,
            );
            $steps[] = new CommissioningStep(
                'idle:' . $id,
                Phase::LowVoltage,
                sprintf('Current of %s, all off', $rail->name),
                'Controller in, its program running, every line off, radio quiet.',
                Tool::Supply,
                new Expected(
                    Unit::Ampere,
                    0.0,
                    max($off->greatest, self::LAST_DIGIT_AMPS),
                    $off->typical,
                    'sum of what draws while all lines are off',
                ),
                'more: a relay that is on, a reversed part, a short behind a driver',
                subject: $id,
            );
        }

        return $steps;
    }

    /** @return list<CommissioningStep> */
    private function drivers(): array
    {
        $steps = [];
        foreach ($this->inspection->board->actuators() as $id => $actuator) {
            array_push($steps, ...$this->driver($id, $actuator));
        }

        return $steps;
    }

    /** @return list<CommissioningStep> */
    private function driver(string $id, Actuator $actuator): array
    {
        $board = $this->inspection->board;
        $name = $board->nameOf($id);
        $electrics = $board->siliconOf($actuator->function)->electrics;
        $supply = $electrics->supply;
        $idle = $actuator->idleLevel();
        $rest = new CommissioningStep(
            'rest:' . $id,
            Phase::LowVoltage,
            sprintf('Driver input of “%s” at rest', $name),
            'The line is off: measure from the pin to ground.',
            Tool::Meter,
            match ($idle) {
                Level::High => new Expected(
                    Unit::Volt,
                    $electrics->inputHighRatio * $supply->min,
                    $supply->max,
                    $supply->typ,
                    'high, which is off here',
                ),
                Level::Low => new Expected(Unit::Volt, 0.0, $electrics->inputLowRatio * $supply->min, 0.0, 'low, which is off here'),
                null => null,
            },
            'the other level: the wrong pin, or a program with the active level the wrong way round',
            subject: $id,
        );
        $circuit = Circuits::ofSingleParts($board, $actuator);
        $coil = null;
        if (null !== $circuit && null !== $actuator->relay) {
            $ambient = max(20.0, $board->ambientCelsius());
            $coil = new Expected(
                Unit::Volt,
                $circuit->on($circuit->worst($ambient))->coilVolts,
                $circuit->on($circuit->best())->coilVolts,
                $circuit->on($circuit->typical())->coilVolts,
                sprintf('the circuit at both corners of its parts, the coil at %s', QuantityPrinter::rounded($ambient, Unit::Celsius)),
            );
        }

        return [$rest, new CommissioningStep(
            'coil:' . $id,
            Phase::LowVoltage,
            sprintf('“%s” by hand command', $name),
            null === $coil
                ? 'Switch it on and off: it clicks both times.'
                : 'Switch it on: it clicks. Measure across the coil, then off: it clicks.',
            null === $coil ? Tool::Eyes : Tool::Meter,
            $coil,
            'no click: coil, joint, wrong pin; click without voltage: another relay; low: transistor the wrong way round, resistor too '
                . 'large',
            subject: $id,
            barsMains: true,
        )];
    }

    /** @return list<CommissioningStep> */
    private function together(): array
    {
        $board = $this->inspection->board;
        $step = static fn(string $key, string $title, string $does, ?Expected $expected = null, string $means = ''): CommissioningStep
            => new CommissioningStep($key, Phase::LowVoltage, $title, $does, Tool::Eyes, $expected, $means, barsMains: null === $expected);
        $steps = [];
        foreach ($board->rails as $id => $rail) {
            $on = $this->inspection->power->flows->amps($id, Scenario::allOn());
            $steps[] = new CommissioningStep(
                'on:' . $id,
                Phase::LowVoltage,
                sprintf('Current of %s, all relays on', $rail->name),
                'Switch every line on that may be on with the others.',
                Tool::Supply,
                new Expected(Unit::Ampere, 0.0, $on->greatest, $on->typical, 'sum of what draws while all lines are on'),
                'more: a diode the wrong way round, a coil of another voltage; less: one that did not pull in',
                subject: $id,
            );
        }
        $cycles = sprintf(
            'Cut and give the low voltage %d times, 0.3 s to 10 s apart: no relay twitches, no line comes on by itself.',
            self::CYCLES,
        );
        $steps[] = $step(
            'resets',
            'Resets while all switch',
            'Radio on, all lines on and off for five minutes; then read the program’s own counter of resets. A meter misses dips of '
                . 'milliseconds.',
            new Expected(Unit::Ratio, 0.0, 0.0, 0.0, 'no reset'),
            'more: the rail dips, a capacitor is missing, a relay disturbs',
        );
        $steps[] = $step('cycles', 'Power cycles', $cycles);
        $steps[] = $step(
            'switches',
            'Switches with the network off',
            'Network and broker off: every switch, button, key and sensor does what it should.',
        );
        foreach ($board->lines as $id => $line) {
            $restore = $line->safety?->restore?->value;
            if ($restore instanceof RestorePolicy) {
                $steps[] = $step(
                    sprintf('restore:%s:%s', $id, $restore->value),
                    sprintf('“%s” after a cut', $line->name),
                    sprintf('Switch it on, cut the low voltage, give it again: it is %s.', match ($restore) {
                        RestorePolicy::Off => 'off',
                        RestorePolicy::Last => 'as it was',
                        RestorePolicy::On => 'on',
                    }),
                );
            }
        }

        return $steps;
    }

    /** @return list<CommissioningStep> */
    private function promises(): array
    {
        return array_map(static fn(HoldPoint $point): CommissioningStep => new CommissioningStep(
            'verify:' . $point->key(),
            Phase::Verify,
            $point->verify,
            sprintf('Look at it on this copy, and stand for it by name. Where it is not so: %s.', lcfirst($point->rule->title)),
            Tool::Competent,
            holdPoint: $point->key(),
            subject: $point->subject,
            barsMains: true,
        ), $this->report->holdPoints);
    }

    /** @return list<CommissioningStep> */
    private function mains(): array
    {
        $steps = [new CommissioningStep(
            'mains:on',
            Phase::Mains,
            'Mains on',
            'A residual-current device before all of it; cover shut; every line off. Switch on and wait a minute: nothing is heard or '
                . 'smelt.',
            Tool::Competent,
        )];
        foreach (array_intersect_key($this->inspection->board->lines, $this->atMains()) as $id => $line) {
            $steps[] = new CommissioningStep(
                'mains:' . $id,
                Phase::Mains,
                sprintf('“%s” with a test lamp', $line->name),
                'A lamp at the outlet instead of the appliance, where it bears one: on, off, by each of its switches; then the appliance '
                    . 'itself.',
                Tool::Competent,
                subject: $id,
            );
        }

        return [...$steps, ...$this->whole()];
    }

    /** @return list<CommissioningStep> with all appliances in their places */
    private function whole(): array
    {
        return [
            new CommissioningStep(
                'mains:ramp',
                Phase::Mains,
                'One after the other',
                'Switch one line on after the other, a minute apart, until all are on that may be on together. Then read the '
                    . 'program’s own counter of resets.',
                Tool::Competent,
                new Expected(Unit::Ratio, 0.0, 0.0, 0.0, 'no reset'),
                'more: a supply that is too small, a contact that disturbs; go back to the line at which it began',
            ),
            new CommissioningStep(
                'mains:restore',
                Phase::Mains,
                'After a cut of mains',
                'Switch it off at the socket or its breaker and on again, three times: every line comes back as it is stated to, and none '
                    . 'by itself that must not.',
                Tool::Competent,
            ),
        ];
    }

    /**
     * Lines whose appliance is at mains; one on a rail was tried at low voltage.
     *
     * @return array<string, true>
     */
    private function atMains(): array
    {
        $lines = [];
        foreach ($this->inspection->connections()->nets as $net) {
            if (NetKind::SwitchedLive === $net->kind) {
                foreach ($net->ends as $end) {
                    $lines[$end->subject] = true;
                }
            }
        }

        return $lines;
    }

    /** @return list<CommissioningStep> */
    private function load(): array
    {
        $air = $this->inspection->boxAir;

        return [
            new CommissioningStep(
                'load:warm',
                Phase::Load,
                'Temperature inside',
                'After an hour with everything on that is on in use: read the probe that was laid inside.',
                Tool::Meter,
                null === $air ? null : new Expected(Unit::Celsius, 0.0, $air->value, null, $air->formula),
                'warmer: more current than was stated, a joint that heats, no air',
            ),
            new CommissioningStep(
                'load:resets',
                Phase::Load,
                'Resets in that hour',
                'Read the program’s own counter again.',
                Tool::Eyes,
                new Expected(Unit::Ratio, 0.0, 0.0, 0.0, 'no reset'),
                'more: a contact that disturbs, a supply that is too small',
            ),
        ];
    }
}
