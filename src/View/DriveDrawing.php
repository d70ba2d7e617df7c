<?php

declare(strict_types=1);

namespace IronLatch\View;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Clamp;
use IronLatch\Core\Board\DirectLoad;
use IronLatch\Core\Board\Driver;
use IronLatch\Core\Catalogue\Bistable;
use IronLatch\Core\Catalogue\DriverPart;
use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Drive\Circuit\Circuits;
use IronLatch\Core\Drive\Circuit\SwitchCircuit;
use IronLatch\Core\Drive\DriverWay;
use IronLatch\Core\Drive\MonteCarlo;
use IronLatch\Core\Drive\SwitchTimes;
use IronLatch\Core\Drive\TurnOff;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\RecordShape;
use IronLatch\Core\Record\RecordWriter;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Repairs;

/** What the Drive view draws of one relay: its circuit, its alternatives, its spread. */
final readonly class DriveDrawing
{
    /** Circuits that are solved as a netlist take longer, and fewer of them are drawn. */
    private const MANY_BOARDS = 10000;

    public function __construct(private Inspection $inspection) {}

    /**
     * @param string $open id of a relay
     * @return array<string, mixed>
     */
    public function context(string $open): array
    {
        $board = $this->inspection->board;
        $chosen = isset($board->actuators()[$open]) ? $open : (string) array_key_first($board->actuators());
        if ('' === $chosen) {
            return ['actuator_id' => ''];
        }
        $line = $board->lineOf($chosen);
        $actuator = $board->actuator($chosen);

        return [
            'actuator_id' => $chosen,
            'line_id' => $line,
            'actuator' => $actuator,
            'result' => $this->inspection->drive->results[$chosen],
            'truth' => $this->truth($actuator),
            'turn_offs' => !$board->kicks($actuator) ? [] : array_map(
                fn(Clamp $clamp): TurnOff => TurnOff::of(
                    $board->relay($actuator),
                    $board->railVolts($actuator->rail)->typ,
                    $this->inspection->drive->results[$chosen]->coilAmps->value,
                    $clamp,
                    null === $actuator->relay ? DirectLoad::TIME_CONSTANT_SECONDS : TurnOff::TIME_CONSTANT_SECONDS,
                ),
                Clamp::cases(),
            ),
            'clamps' => Clamp::cases(),
            'times' => SwitchTimes::ofRelay($board, $actuator, $this->inspection->drive->results[$chosen]),
            ...$this->sketch($board, $actuator),
        ];
    }

    /**
     * The drawing with its values, for a board or for one that is only tried.
     *
     * @return array<string, mixed>
     */
    public function sketch(Board $board, Actuator $actuator): array
    {
        $circuit = Circuits::ofSingleParts($board, $actuator);
        $ambient = $board->ambientCelsius();
        $values = [];
        foreach ($actuator->driver->resistors() as $name => $resistor) {
            $values[$name] = [
                'label' => ucfirst($resistor->name),
                'ohms' => get_object_vars($actuator->driver)[$name],
                'steps' => $resistor->steps(),
            ];
        }

        return [
            'circuit' => $circuit,
            'kind' => (string) array_search($actuator->driver::class, RecordShape::variants(Driver::class)->classes, true),
            'driver_data' => RecordWriter::write($actuator->driver),
            'points' => null === $circuit ? [] : [
                'typical' => $circuit->on($circuit->typical()),
                'worst' => $circuit->on($circuit->worst($ambient)),
            ],
            'values' => $values,
            'relay' => $board->relay($actuator),
            'kicks' => $board->kicks($actuator),
            'rail' => $board->railVolts($actuator->rail),
            'pin_supply' => $board->siliconOf($actuator->function)->electrics->supply,
            'tried' => Circuits::result($board, $actuator),
            'killers' => null === $circuit ? [] : $this->killers($circuit, $board, $actuator, $ambient),
        ];
    }

    /**
     * @return list<DriverWay>
     */
    public function ways(string $id): array
    {
        $repairs = Repairs::of($this->inspection);

        return $repairs->driverWays($id, array_values($repairs->partsOnOffer(DriverPart::class)));
    }

    /** Boards drawn at random; null for a module, whose spread its maker alone knows. */
    public function spread(string $id): ?MonteCarlo
    {
        $board = $this->inspection->board;
        $actuator = $board->actuator($id);
        $circuit = Circuits::ofSingleParts($board, $actuator);
        $ambient = $board->ambientCelsius();

        return null === $circuit ? null : MonteCarlo::run(
            $circuit,
            $board->relay($actuator),
            $ambient,
            self::MANY_BOARDS,
        );
    }

    /**
     * How much each value alone, at the end that hurts, takes from the pull-in margin; worst first.
     *
     * @return array<string, float> margin lost, by the value’s label
     */
    private function killers(SwitchCircuit $circuit, Board $board, Actuator $actuator, float $ambient): array
    {
        $needed = $board->relay($actuator)->operateVolts(max(20.0, $ambient));
        $typical = $circuit->typical();
        $whole = $circuit->on($typical)->coilVolts / $needed;
        $lost = [];
        foreach ($circuit->parameters() as $name => $parameter) {
            $lost[$parameter->label] = $whole - $circuit->on([...$typical, $name => $parameter->worst()])->coilVolts / $needed;
        }
        arsort($lost);

        return array_slice($lost, 0, 4);
    }

    /**
     * Hand, pin, driver, contact and appliance in both states, at start-up and without power.
     *
     * @return list<array{state: string, pin: string, coil: string, contact: string, appliance: string}>
     */
    private function truth(Actuator $actuator): array
    {
        $active = $actuator->activeLevel->value;
        $closedWhenOn = 'normally open' === $actuator->contact->value;
        $row = static fn(string $state, ?Level $level, ?bool $coil): array => [
            'state' => $state,
            'pin' => null === $level ? 'not driven' : $level->value,
            'coil' => null === $coil ? 'unknown' : ($coil ? 'on' : 'off'),
            'contact' => null === $actuator->relay ? 'none' : (null === $coil ? 'unknown' : ($coil === $closedWhenOn ? 'closed' : 'open')),
            'appliance' => null === $coil ? 'unknown' : ($coil === $closedWhenOn ? 'on' : 'off'),
        ];
        $coil = static fn(?Level $level): ?bool => null === $level ? null : $level === $actuator->driver->inherentActiveLevel();
        $film = $this->inspection->seating->films[$actuator->function] ?? null;
        $level = $active instanceof Level ? $active : null;
        $bistable = $this->inspection->board->relay($actuator)->bistable;
        if (null !== $bistable) {
            return self::pulses(
                $bistable,
                $level,
                null === $film ? null : null !== $film->worstTwitch(),
                $closedWhenOn === (null === $actuator->opens),
            );
        }

        return [
            $row('switched on', $level, $coil($level)),
            $row('switched off', $level?->opposite(), $coil($level?->opposite())),
            $row('at start-up', null, null === $film ? null : null !== $film->worstTwitch()),
            $row('without power', null, false),
        ];
    }

    /**
     * What a pulse through one winding does, and what stays.
     *
     * @return list<array{state: string, pin: string, coil: string, contact: string, appliance: string}>
     */
    private static function pulses(Bistable $bistable, ?Level $active, ?bool $moves, bool $closes): array
    {
        $pulse = sprintf(
            '%s for %s to %s',
            $active->value ?? 'level unstated',
            QuantityPrinter::rounded($bistable->leastPulseSeconds, Unit::Second),
            QuantityPrinter::rounded($bistable->greatestPulseSeconds, Unit::Second),
        );
        $row = static fn(string $state, string $pin, string $coil, ?bool $closed): array => [
            'state' => $state, 'pin' => $pin, 'coil' => $coil,
            'contact' => null === $closed ? 'as it was' : ($closed ? 'closed' : 'open'),
            'appliance' => null === $closed ? 'as it was' : ($closed ? 'on' : 'off'),
        ];

        return [
            $row('pulsed', $pulse, 'on', $closes),
            $row('at rest', $active?->opposite()->value ?? 'level unstated', 'off', null),
            null === $moves ? [
                'state' => 'at start-up',
                'pin' => 'not driven',
                'coil' => 'unknown',
                'contact' => 'unknown',
                'appliance' => 'unknown',
            ] : $row('at start-up', 'not driven', $moves ? 'on' : 'off', $moves ? $closes : null),
            $row('without power', 'not driven', 'off', null),
        ];
    }

}
