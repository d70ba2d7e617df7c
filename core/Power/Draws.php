<?php

declare(strict_types=1);

namespace IronLatch\Core\Power;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Catalogue\Device;
use IronLatch\Core\Drive\DriverAnalysis;

/** Every load of a board, by the rail that feeds it. */
final readonly class Draws
{
    /** Where the loads stand that the controller’s own pin supply feeds. */
    public const PINS = 'pins';

    /**
     * @param array<string, list<Draw>> $on by rail, PINS included
     * @param array<string, list<string>> $unknown what should be among them but is not known, by rail
     */
    private function __construct(public array $on, public array $unknown) {}

    /** In one piece: the kinds of loads one after the other. */
    public static function of(Board $board, DriverAnalysis $drive): self
    {
        $on = [self::PINS => []];
        $unknown = [];
        foreach (array_keys($board->rails) as $rail) {
            $on[$rail] = [];
        }
        foreach ($board->actuators() as $id => $actuator) {
            $line = $board->lineOf($id);
            $result = $drive->results[$id];
            $name = $board->nameOf($id);
            // A coil straight on a pin takes its current through the pin, not from the rail.
            if (!$actuator->driver->isMissing()) {
                $on[$actuator->rail][] = self::coil($board, $id, $line, $actuator, $result->coilAmps->value);
            }
            $input = new Demand($result->typicalPinAmps, $result->pinAmps->value);
            $pulsed = null !== $board->relay($actuator)->bistable;
            $on[self::inputRail($board, $actuator)][] = new Draw(
                DrawKind::DriverInput,
                $name . ', driver input',
                $id,
                $line,
                Demand::none(),
                $pulsed ? Demand::none() : $input,
                $input,
                $pulsed,
            );
        }
        foreach ($board->lines as $id => $line) {
            $appliance = $board->appliance($line);
            // What a driver switches without a relay is counted with the coils.
            if (null === $appliance->dcVolts || $appliance->ownVoltage || [] !== array_filter(
                $line->actuators,
                static fn(Actuator $actuator): bool => null === $actuator->relay,
            )) {
                continue;
            }
            if (null === $line->feed) {
                $unknown[(string) array_key_first($board->rails)][] = sprintf('the rail that feeds “%s”', $line->name);
                continue;
            }
            $amps = (is_float($line->watts->value) ? $line->watts->value : $appliance->typicalWatts) / $appliance->dcVolts;
            $demand = new Demand($amps, $amps);
            $on[$line->feed][] = new Draw(DrawKind::Appliance, $line->name, $id, $id, Demand::none(), $demand, $demand);
        }
        $attached = [];
        foreach ($board->devices as $id => $device) {
            $part = $board->part($device->part, Device::class);
            $attached[$device->function ?? ''] = true;
            $on[$device->rail ?? self::PINS][] = Draw::always(
                DrawKind::Device,
                $device->name,
                $id,
                new Demand($part->amps->typ, $part->amps->max),
                new Demand($part->amps->max, $part->peakAmps),
            );
        }
        foreach ($board->functions as $id => $function) {
            $usual = FunctionDraw::of($board, $function);
            if (null !== $usual && !isset($attached[$id])) {
                $on[$function->lamp->rail ?? self::PINS][] = Draw::always(
                    DrawKind::Device,
                    $function->name,
                    $id,
                    $usual,
                    because: 'usual for its kind, from memory; attach the device to state it',
                );
            }
        }

        return new self($on, $unknown);
    }

    private static function coil(Board $board, string $id, string $line, Actuator $actuator, float $typicalAmps): Draw
    {
        $relay = $board->relay($actuator);
        $full = new Demand($typicalAmps, $board->railVolts($actuator->rail)->max / $relay->coilResistance->min);
        $kind = null === $actuator->relay ? DrawKind::Appliance : DrawKind::Coil;
        if (null !== $relay->bistable) {
            // Pulses last for milliseconds, and come one after the other.
            return new Draw($kind, $board->nameOf($id), $id, $line, Demand::none(), Demand::none(), $full, true);
        }
        // Switched fast, a coil carries the share of its current, and the rail gives that current for the same share of the time.
        $held = null === $actuator->holdRatio ? $full : $full->scaled($actuator->holdRatio ** 2);

        return new Draw($kind, $board->nameOf($id), $id, $line, Demand::none(), $held, $full);
    }

    /** Where the current into a driver comes from: a module’s own rail, an expander’s, or the controller’s pins. */
    private static function inputRail(Board $board, Actuator $actuator): string
    {
        if ($actuator->driver->isReadyMade()) {
            return $actuator->driver->needsCommonGround() ? $actuator->rail : self::PINS;
        }
        $pin = $board->seats[$actuator->function]->pin ?? '';

        return $board->expanders[explode('.', $pin)[0]]->rail ?? self::PINS;
    }
}
