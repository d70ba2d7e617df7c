<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

use IronLatch\Core\Catalogue\Protection;
use IronLatch\Core\Quantity\Spread;

/**
 * What follows from a board’s document and is asked for again and again: who belongs to whom, what sits where, what it is called.
 * It does not hold the board that holds it: thousands are tried while one is edited, and a circle keeps each in memory.
 */
final class BoardIndex
{
    /** @var array<string, Actuator> relays by their ids */
    public readonly array $actuators;
    /** @var array<string, string> line by relay */
    public readonly array $lines;
    /** @var array<string, string> relay by its output function */
    public readonly array $owners;
    /** @var array<string, list<string>> functions by pin */
    public readonly array $seated;
    /** @var array<string, Spread> by rail */
    private array $railVolts = [];

    public function __construct(Board $board)
    {
        $actuators = $lines = $owners = $seated = [];
        foreach ($board->lines as $lineId => $line) {
            foreach ($line->actuators as $id => $actuator) {
                $actuators[$id] = $actuator;
                $lines[$id] = $lineId;
                $owners[$actuator->function] = $id;
            }
        }
        foreach ($board->seats as $function => $seat) {
            $seated[$seat->pin][] = $function;
        }
        $this->actuators = $actuators;
        $this->lines = $lines;
        $this->owners = $owners;
        $this->seated = $seated;
    }

    public function railVolts(Board $board, string $rail): Spread
    {
        return $this->railVolts[$rail] ??= self::voltsOf($board, $rail);
    }

    private static function voltsOf(Board $board, string $rail): Spread
    {
        $volts = $board->source($rail)->output ?? $board->regulation($rail)->output ?? Spread::exactly(0.0);
        $drops = array_map(static fn(Protection $one): Spread => $one->dropVolts, $board->protection($rail));
        $usb = $board->controller()->carrier->usb;
        foreach ($board->rails[$rail]->throughUsb && null !== $usb ? [...$drops, $usb->dropVolts] : $drops as $drop) {
            $volts = new Spread(max(0.0, $volts->min - $drop->max), max(0.0, $volts->typ - $drop->typ), max(0.0, $volts->max - $drop->min));
        }

        return $volts;
    }

    /** In one piece: a table from the letter of an id to what bears such ids. */
    public function nameOf(Board $board, string $id): string
    {
        $named = match (substr($id, 0, 1)) {
            'L' => $board->lines,
            'F' => $board->functions,
            'R' => $board->rails,
            'G' => $board->groups,
            'X' => $board->expanders,
            'D' => $board->devices,
            'P' => $board->scenarios,
            'C' => $board->channels,
            'K' => $board->lineGroups,
            'H' => $board->places,
            default => [],
        };
        if (isset($named[$id])) {
            return $named[$id]->name;
        }
        if (isset($this->lines[$id])) {
            return self::relayName($board->lines[$this->lines[$id]], $id);
        }

        return 'board' === $id ? $board->name : self::surfaceName($board, $id) ?? self::cableName($board, $id) ?? $id;
    }

    private static function cableName(Board $board, string $id): ?string
    {
        $cable = $board->houseCables[$id] ?? null;

        return null === $cable ? null : sprintf('%s to %s', $board->places[$cable->from]->name, $board->places[$cable->to]->name);
    }

    private static function surfaceName(Board $board, string $id): ?string
    {
        foreach ('S' === substr($id, 0, 1) ? $board->lines : [] as $line) {
            if (isset($line->surfaces[$id])) {
                return $line->name . ', ' . $line->surfaces[$id]->kind->value;
            }
        }
        foreach ('S' === substr($id, 0, 1) ? $board->lineGroups : [] as $group) {
            if (isset($group->keys[$id])) {
                return sprintf('%s, %s, %s', $group->name, $group->keys[$id]->kind->value, $group->keys[$id]->operation->value);
            }
        }

        return null;
    }

    private static function relayName(Line $line, string $actuator): string
    {
        $guards = $line->actuators[$actuator]->guards;
        if (null !== $guards) {
            return self::relayName($line, $guards) . ', guard';
        }
        $opens = $line->actuators[$actuator]->opens;
        if (null !== $opens) {
            return self::relayName($line, $opens) . ', opening';
        }
        $relays = array_keys(array_filter($line->actuators, static fn(Actuator $one): bool => null === $one->opens
            && null === $one->guards));

        return count($relays) > 1 ? $line->name . ' relay ' . ((int) array_search($actuator, $relays, true) + 1) : $line->name;
    }
}
