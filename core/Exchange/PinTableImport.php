<?php

declare(strict_types=1);

namespace IronLatch\Core\Exchange;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Controls\AddSurface;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Functions\AddFunction;
use IronLatch\Core\Board\Edit\Functions\ChangeFunctionKind;
use IronLatch\Core\Board\Edit\Lines\AddLine;
use IronLatch\Core\Board\Edit\Pins\SeatFunction;
use IronLatch\Core\Board\Edit\Sequence;
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Board\SurfaceKind;

/** Makes one edit of a confirmed pin table: what bears the same name moves, everything else is added. */
final class PinTableImport
{
    /**
     * @param list<PinTableEntry> $entries
     * @throws EditRefused when a row cannot be taken, naming it
     */
    public static function edit(Board $board, array $entries): Sequence
    {
        $edits = [];
        $seen = [];
        foreach ($entries as $number => $entry) {
            $key = self::key($entry->name);
            if (isset($seen[$key])) {
                throw new EditRefused(sprintf(
                    'Rows %d and %d both bear the name “%s”. Give each a name of its own, or leave one out.',
                    $seen[$key],
                    $number + 1,
                    $entry->name,
                ));
            }
            $seen[$key] = $number + 1;
            try {
                foreach (self::of($board, $entry) as $edit) {
                    $edits[] = $edit;
                    $board = $edit->apply($board);
                }
            } catch (EditRefused|\InvalidArgumentException $refused) {
                throw new EditRefused(
                    sprintf('Row %d, “%s”: %s', $number + 1, $entry->name, $refused->getMessage()),
                    previous: $refused,
                );
            }
        }

        foreach ($entries as $number => $entry) {
            $edit = '' === $entry->operates ? null : self::pair($board, $entry, $number + 1);
            if (null !== $edit) {
                $edits[] = $edit;
                $board = $edit->apply($board);
            }
        }

        return new Sequence(sprintf('Read in a pin table of %d rows', count($entries)), $edits);
    }

    /**
     * The edits for one row, each made on the board as the ones before it leave it.
     *
     * @return iterable<Edit>
     */
    private static function of(Board $board, PinTableEntry $entry): iterable
    {
        $function = self::existing($board, $entry);
        if (null === $function) {
            $add = FunctionKind::RelayOutput === $entry->kind
                ? new AddLine(self::lineName($entry->name), $entry->appliance)
                : new AddFunction($entry->kind, $entry->name);
            yield $add;
            // An edit numbers what it adds from the board's counters, so making it here tells the id that it will have there.
            $function = (string) array_key_last($add->apply($board)->functions);
        } elseif ($board->functions[$function]->kind !== $entry->kind && FunctionKind::RelayOutput !== $entry->kind) {
            yield new ChangeFunctionKind($function, $entry->kind);
        }
        if ('' !== trim($entry->pin)) {
            yield new SeatFunction($function, $entry->pin);
        }
    }

    /** Lets the switch or button of a row operate the line of another row; nothing where it does so already. */
    private static function pair(Board $board, PinTableEntry $entry, int $number): ?AddSurface
    {
        $kind = array_values(array_filter(
            SurfaceKind::cases(),
            static fn(SurfaceKind $one): bool => $one->functionKind() === $entry->kind,
        ))[0] ?? null;
        $function = self::existing($board, $entry);
        $relay = self::existing($board, new PinTableEntry($entry->operates, FunctionKind::RelayOutput, '', $entry->appliance));
        $actuator = null === $relay ? null : $board->actuatorOf($relay);
        if (null === $kind || null === $function || null === $actuator) {
            throw new EditRefused(sprintf(
                'Row %d, “%s”: “%s” is no relay that it could operate. Choose one of the relay rows that are taken, or none.',
                $number,
                $entry->name,
                $entry->operates,
            ));
        }
        $line = $board->lineOf($actuator);
        foreach ($board->lines[$line]->surfaces as $surface) {
            if ($surface->function === $function) {
                return null;
            }
        }

        return new AddSurface($line, $kind, $function);
    }

    /** The function that a row speaks of: one of its name, or the relay of the line of its name. */
    private static function existing(Board $board, PinTableEntry $entry): ?string
    {
        $key = self::key($entry->name);
        foreach ($board->functions as $id => $function) {
            if (
                self::key($function->name) === $key
                && (FunctionKind::RelayOutput === $function->kind) === (FunctionKind::RelayOutput === $entry->kind)
            ) {
                return $id;
            }
        }
        foreach (FunctionKind::RelayOutput === $entry->kind ? $board->lines : [] as $line) {
            if (self::key($line->name) === $key && [] !== $line->actuators) {
                return array_values($line->actuators)[0]->function;
            }
        }

        return null;
    }

    /** A line is called after what it switches: “Lamp relay” is the relay of the line “Lamp”. */
    private static function lineName(string $name): string
    {
        $line = trim((string) preg_replace('/^relay\s+(?=\p{L})|\s+relay$/iu', '', $name));

        return '' === $line ? $name : mb_strtoupper(mb_substr($line, 0, 1)) . mb_substr($line, 1);
    }

    private static function key(string $name): string
    {
        return (string) preg_replace('/[^\p{L}\p{N}]+/u', '', mb_strtolower($name));
    }
}
